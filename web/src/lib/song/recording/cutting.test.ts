import { describe, expect, it } from 'vitest';
import { cutOut } from './cutting';

describe('a stretch left out', () => {
  it('is as long as what is left, and goes over without a jump', () => {
    const rate = 1000;
    const sound = Float32Array.from({ length: 4000 }, (_, i) => (i < 1000 ? 0.5 : i < 3000 ? 9 : -0.5));
    const out = cutOut(sound, rate, 1, 3);
    expect(out.length).toBe(2000);
    expect(out[900]).toBe(0.5);
    expect(out[1000]).toBe(-0.5);
    expect(Math.max(...out.subarray(1000))).toBe(-0.5);
    // What goes over comes from before the stretch and from its end.
    const steady = cutOut(new Float32Array(4000).fill(0.25), rate, 1, 3);
    expect(Math.max(...steady.map((one) => Math.abs(one - 0.25)))).toBeLessThan(1e-6);
  });
  it('may be at the very beginning or end', () => {
    const sound = new Float32Array(100).fill(1);
    expect(cutOut(sound, 10, 0, 5).length).toBe(50);
    expect(cutOut(sound, 10, 5, 12).length).toBe(50);
  });
});
