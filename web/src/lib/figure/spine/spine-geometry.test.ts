import { describe, expect, it } from 'vitest';
import { BEAT, LEAST, spinePlaces, spineScale } from './spine-geometry';

const row = (onset: number, length: number) => ({ onset, length });

describe('the spine', () => {
  it('makes rows as high as they last where they are long enough to be read', () => {
    const places = spinePlaces({ man: [row(0, 2), row(2, 3)], lady: [row(0, 5)] }, { man: 2, lady: 1 });
    expect(places.man).toEqual([
      { top: 0, height: 2 * BEAT },
      { top: 2 * BEAT, height: 3 * BEAT }
    ]);
    expect(places.lady[0]?.height).toBe(places.height);
  });

  it('gives a quarter beat room to be read and keeps both roles on one count', () => {
    const places = spinePlaces(
      { man: [row(0, 0.75), row(0.75, 0.25), row(1, 1)], lady: [row(0, 1), row(1, 1)] },
      { man: 3, lady: 2 },
      92
    );
    expect(places.man.map((p) => p.height)).toEqual([92, 92, 92]);
    expect(places.lady[0]?.height).toBe(2 * 92);
    expect(places.lady[1]?.top).toBe(places.man[2]?.top);
  });

  it('grows never backwards along the count', () => {
    const scale = spineScale([row(0, 0.75), row(0.75, 0.25), row(1, 1)], 2, 40);
    let before = -1;
    for (let beat = 0; beat <= 2; beat += 0.125) {
      expect(scale(beat)).toBeGreaterThan(before);
      before = scale(beat);
    }
    expect(scale(9)).toBe(scale(2));
  });

  it('gives the room to the row that needs it', () => {
    const places = spinePlaces(
      { man: [{ onset: 0, length: 0.5, need: 120 }, row(0.5, 0.5)], lady: [row(0, 1)] },
      { man: 2, lady: 1 }
    );
    expect(places.man.map((p) => p.height)).toEqual([120, LEAST]);
  });

  it('needs less height with layers folded away', () => {
    const rows = { man: [row(0, 0.5), row(0.5, 0.5)], lady: [] };
    expect(spinePlaces(rows, { man: 2, lady: 0 }, 40).height).toBe(80);
  });

  it('keeps rows in sight that are not worked out yet', () => {
    const places = spinePlaces({ man: [row(0, 2)], lady: [row(0, 2)] }, { man: 3, lady: 1 });
    expect(places.man.map((p) => p.top)).toEqual([0, 2 * BEAT, 2 * BEAT + LEAST]);
    expect(places.height).toBe(2 * BEAT + 2 * LEAST);
  });
});
