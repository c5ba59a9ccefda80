import { describe, expect, it } from 'vitest';
import { Ladder } from './ladder.svelte';

describe('a ladder of tempos', () => {
  it('rises after so many clean runs and stops at its top', () => {
    const ladder = new Ladder();
    [ladder.from, ladder.to, ladder.by, ladder.after] = [0.8, 0.9, 0.07, 2];
    expect(ladder.toggle()).toBe(0.8);
    expect(ladder.ran(0.8)).toBe(0.8);
    expect(ladder.clean).toBe(1);
    expect(ladder.ran(0.8)).toBe(0.87);
    expect(ladder.ran(ladder.ran(0.87))).toBe(0.9);
    expect(ladder.ran(ladder.ran(0.9))).toBe(0.9);
  });

  it('counts anew after a run that was not clean', () => {
    const ladder = new Ladder();
    ladder.after = 2;
    ladder.toggle();
    ladder.ran(0.6);
    ladder.soil();
    expect(ladder.ran(0.6)).toBe(0.6);
    expect(ladder.clean).toBe(0);
    expect(ladder.ran(0.6)).toBe(0.6);
    expect(ladder.ran(0.6)).toBeCloseTo(0.65, 9);
  });

  it('does nothing while it is off', () => {
    expect(new Ladder().ran(0.7)).toBe(0.7);
  });
});
