import { describe, expect, it } from 'vitest';
import { stretching } from './stretch';

const RATE = 16_000;

/** Clicks over a soft tone. */
function clicks(at: number[]): Float32Array {
  const sound = new Float32Array(6 * RATE);
  for (let i = 0; i < sound.length; i++) sound[i] = 0.04 * Math.sin((2 * Math.PI * 220 * i) / RATE);
  for (const second of at) {
    for (let i = 0; i < 400; i++) {
      const k = Math.round(second * RATE) + i;
      sound[k] = (sound[k] ?? 0) + Math.sin(i * 0.3) * Math.exp(-i / 50);
    }
  }
  return sound;
}

function loudest(sound: Float32Array, from: number, to: number): number {
  let best = Math.round(from * RATE);
  for (let i = best; i < to * RATE; i++) if (Math.abs(sound[i] ?? 0) > Math.abs(sound[best] ?? 0)) best = i;
  return best / RATE;
}

describe('a recording slower or faster', () => {
  const at = Array.from({ length: 10 }, (_, i) => 0.5 + i * 0.51);
  it.each([0.5, 0.7, 0.9, 1.2])('keeps every beat within 25 ms at %f of its tempo', async (tempo) => {
    const { samples, early, done } = stretching(clicks(at), RATE, tempo);
    await done;
    for (const second of at) {
      const expected = second / tempo - early;
      const found = loudest(samples, Math.max(0, expected - 0.1), expected + 0.1);
      expect(Math.abs(found - expected)).toBeLessThan(0.025);
    }
  });
  it('keeps the pitch', async () => {
    const tone = Float32Array.from({ length: 4 * RATE }, (_, i) => Math.sin((2 * Math.PI * 440 * i) / RATE));
    const { samples, done } = stretching(tone, RATE, 0.6);
    await done;
    let crossed = 0;
    for (let i = RATE; i < 3 * RATE; i++) if ((samples[i - 1] ?? 0) < 0 && (samples[i] ?? 0) >= 0) crossed++;
    expect(crossed / 2).toBeGreaterThan(430);
    expect(crossed / 2).toBeLessThan(450);
  });
  it('gives the page its turn, and has some ready before all', async () => {
    const ready: number[] = [];
    const begun = stretching(new Float32Array(20 * RATE), RATE, 0.8, {
      rest: () => {
        ready.push(begun.filled);
        return Promise.resolve();
      }
    });
    await begun.done;
    expect(ready.length).toBeGreaterThan(2);
    expect(ready[0]).toBeGreaterThan(0);
    expect(ready[0]).toBeLessThan(begun.samples.length / 2);
    expect(begun.filled).toBe(begun.samples.length);
  });
  it('stops when nobody wants it', async () => {
    const begun = stretching(new Float32Array(20 * RATE), RATE, 0.8, { isWanted: () => false });
    await begun.done;
    expect(begun.filled).toBeLessThan(begun.samples.length);
  });
});
