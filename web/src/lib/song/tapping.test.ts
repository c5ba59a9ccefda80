import { expect, it } from 'vitest';
import { barsPerMinute, tap } from './tapping';

const steady = (gap: number, many: number) => Array.from({ length: many }, (_, i) => i * gap);

it('counts bars a minute from taps on every beat', () => {
  expect(barsPerMinute(steady(500, 8), 4)).toBe(30);
  expect(barsPerMinute(steady(689.7, 9), 3)).toBe(29);
  expect(barsPerMinute(steady(500, 3), 4)).toBeNull();
});

it('does not mind one missed beat', () => {
  const taps = steady(500, 10).filter((_, i) => i !== 4);
  expect(barsPerMinute(taps, 4)).toBe(30);
});

it('begins anew after a pause and forgets the oldest', () => {
  expect(tap([0, 500], 9000)).toEqual([9000]);
  expect(tap(steady(500, 24), 12000)).toHaveLength(24);
});
