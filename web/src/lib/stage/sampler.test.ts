import { describe, expect, it } from 'vitest';
import { Sampler } from './sampler';

describe('a sampler', () => {
  const curve = new Sampler([0, 1, 0, 1, 3, 0, 2, 3, 0, 4, 0, 0]);

  it('goes through its knots, stays before and after them, and does not creep where they are equal', () => {
    expect(curve.at(-1)).toBe(1);
    expect(curve.at(1)).toBe(3);
    expect(curve.at(1.37)).toBeCloseTo(3, 12);
    expect(curve.at(9)).toBe(0);
    expect(curve.at(0.5)).toBeCloseTo(2, 12);
  });

  it('is asked in any order', () => {
    const forward = [0.2, 0.9, 1.5, 2.4, 3.9].map((beat) => curve.at(beat));
    const back = [3.9, 2.4, 1.5, 0.9, 0.2].map((beat) => curve.at(beat)).reverse();
    expect(back).toEqual(forward);
  });

  it('is nothing without knots', () => {
    expect(new Sampler([]).at(3)).toBe(0);
  });
});
