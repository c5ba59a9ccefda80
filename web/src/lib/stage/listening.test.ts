import { describe, expect, it } from 'vitest';
import { FrameLog } from './frames';
import { EARS, listen, loudness, peak } from './listening';
import { wave } from './wave';

const RATE = 44100;

/** Bursts that begin at the moments given, over a deep tone that goes on. */
function bursts(moments: number[], hum = 0) {
  const samples = new Float32Array(RATE * 3);
  for (let i = 0; i < samples.length; i++) samples[i] = hum * Math.sin((2 * Math.PI * 80 * i) / RATE);
  for (const moment of moments) {
    for (let i = 0; i < 0.06 * RATE; i++) {
      const at = Math.round(moment * RATE) + i;
      samples[at] = (samples[at] ?? 0) + 0.5 * Math.exp(-i / 800) * Math.sin((2 * Math.PI * 1500 * i) / RATE);
    }
  }
  return samples;
}

describe('listening', () => {
  it('finds an attack where it is', () => {
    const heard = listen(bursts([0.5, 1, 1.5]), RATE, [0.5, 1, 1.5], EARS.click);
    expect(heard.found).toBe(3);
    expect(heard.worst).toBeLessThan(3);
  });

  it('tells how far one is off', () => {
    const heard = listen(bursts([0.5, 1.03, 1.5]), RATE, [0.5, 1, 1.5], EARS.click);
    expect(heard.found).toBe(3);
    expect(heard.worst).toBeGreaterThan(27);
    expect(heard.worst).toBeLessThan(33);
  });

  it('finds nothing where nothing begins, however loud it is', () => {
    expect(listen(bursts([], 0.4), RATE, [0.5, 1], EARS.band)).toEqual({ found: 0, asked: 2, worst: 0 });
  });

  it('hears a click through a deep tone that goes on', () => {
    const heard = listen(bursts([0.7], 0.4), RATE, [0.7], EARS.band);
    expect(heard.found).toBe(1);
    expect(heard.worst).toBeLessThan(4);
  });

  it('measures how loud and how far from silence', () => {
    const samples = new Float32Array(RATE).fill(0.5);
    expect(loudness(samples, RATE, 0, 1)).toBeCloseTo(0.5, 6);
    expect(peak(Float32Array.of(0.1, -0.8, 0.3))).toBeCloseTo(0.8, 6);
  });
});

describe('a sound as a file', () => {
  it('is a WAV of one channel with every sample, none beyond what can be kept', async () => {
    const bytes = new DataView(await wave(Float32Array.of(0, 1, -1, 3), RATE).arrayBuffer());
    expect(bytes.byteLength).toBe(44 + 8);
    expect(String.fromCharCode(bytes.getUint8(0), bytes.getUint8(1))).toBe('RI');
    expect(bytes.getUint32(24, true)).toBe(RATE);
    expect([0, 1, 2, 3].map((i) => bytes.getInt16(44 + 2 * i, true))).toEqual([0, 32767, -32767, 32767]);
  });
});

describe('the log of frames', () => {
  it('tells the middle and the slow ones of the last, and nothing before the first', () => {
    const log = new FrameLog();
    expect(log.summary()).toBeNull();
    for (let i = 1; i <= 1000; i++) log.add(i > 900 ? 5 : 1, i > 400 ? 2 : 90);
    expect(log.summary()).toEqual({ frames: 600, script: 1, slow: 5, off: 2 });
    log.clear();
    expect(log.summary()).toBeNull();
  });
});
