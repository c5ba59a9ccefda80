import { describe, expect, it } from 'vitest';
import { BEAT, LEAST, spinePlaces } from './spine-geometry';

const row = (onset: number, length: number) => ({ onset, length });

describe('the spine', () => {
  it('makes rows as high as they last, at one scale for both roles', () => {
    const places = spinePlaces({ man: [row(0, 1), row(1, 2)], lady: [row(0, 3)] }, { man: 2, lady: 1 });
    expect(places.man).toEqual([
      { top: 0, height: BEAT },
      { top: BEAT, height: 2 * BEAT }
    ]);
    expect(places.lady[0]?.height).toBe(places.height);
  });

  it('stretches the scale until the shortest row can be read', () => {
    const places = spinePlaces({ man: [row(0, 0.5), row(0.5, 0.5)], lady: [row(0, 1)] }, { man: 2, lady: 1 });
    expect(places.man[0]?.height).toBe(LEAST);
    expect(places.lady[0]?.height).toBe(2 * LEAST);
  });

  it('keeps rows in sight that are not worked out yet', () => {
    const places = spinePlaces({ man: [row(0, 1)], lady: [row(0, 1)] }, { man: 3, lady: 1 });
    expect(places.man.map((p) => p.top)).toEqual([0, BEAT, BEAT + LEAST]);
    expect(places.height).toBe(BEAT + 2 * LEAST);
  });
});
