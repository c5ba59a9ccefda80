import { describe, expect, it } from 'vitest';
import { range, said, tint, verdict } from './rates';

const rate = { times: 4, of: 11, low: 0.152, high: 0.646 };

describe('rates', () => {
  it('are said with their numbers and with what so few can say', () => {
    expect(said(rate)).toBe('4 of 11 runs');
    expect(said({ times: 0, of: 1 })).toBe('0 of 1 run');
    expect(range(rate)).toBe('likely 15 to 65 of 100');
    expect(range({ times: 0, of: 0, low: 0, high: 1 })).toBe('not danced yet');
  });

  it('claim no change inside the noise', () => {
    const change = { before: rate, after: rate, low: -0.3, high: 0.3 };
    expect(verdict({ ...change, verdict: 'unsure' })).toBe('no change beyond chance');
    expect(verdict({ ...change, verdict: 'rarer' })).toBe('became rarer');
  });

  it('colour nothing where nothing was seen', () => {
    expect(tint(0)).toBe('var(--color-raised)');
    expect(tint(1)).toContain('90%');
    expect(tint(0.01)).toContain('16%');
  });
});
