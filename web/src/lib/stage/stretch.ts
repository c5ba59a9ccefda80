import { Stretch } from '@soundtouchjs/core';

/** Milliseconds of a piece, of how far the next is looked for, and of what two share; small, so that beats stay where they are. */
const HOW = { sequenceMs: 40, seekWindowMs: 10, overlapMs: 8, quickSeek: true };
const FRAMES = 4096;
/** So many frames are worked out before the page may do something else. */
const AT_ONCE = 16 * FRAMES;
const PROBE_SECONDS = 4;

/** A sound played slower or faster at the same pitch. */
export interface Stretched {
  /** One channel. */
  samples: Float32Array<ArrayBuffer>;
  /** Seconds by which everything comes earlier than its time divided by the tempo. */
  early: number;
}

function* pieces(sound: Float32Array, rate: number, tempo: number) {
  const stretch = new Stretch({ createBuffers: true, sampleRate: rate });
  stretch.setStretchParameters(HOW);
  stretch.tempo = tempo;
  const { inputBuffer, outputBuffer } = stretch;
  if (!inputBuffer || !outputBuffer) throw new Error('A stretch that makes its buffers has them');
  const both = new Float32Array(FRAMES * 2);
  // Silence behind it pushes its end through.
  const length = sound.length + rate;
  for (let from = 0; from < length; from += FRAMES) {
    for (let i = 0; i < FRAMES; i++) both[2 * i] = both[2 * i + 1] = sound[from + i] ?? 0;
    inputBuffer.putSamples(both, 0, FRAMES);
    stretch.process();
    const ready = outputBuffer.frameCount;
    const out = new Float32Array(ready * 2);
    if (ready > 0) {
      outputBuffer.extract(out, 0, ready);
      outputBuffer.receive(ready);
    }
    yield out;
  }
}

function joined(parts: Float32Array[], most: number): Float32Array<ArrayBuffer> {
  const all = new Float32Array(most);
  let at = 0;
  for (const part of parts) for (let i = 0; i < part.length && at < most; i += 2) all[at++] = part[i] ?? 0;
  return all;
}

const earliness: Record<string, number> = {};

/** How much earlier than reckoned a click comes out, measured once for each tempo. */
function early(rate: number, tempo: number): number {
  const key = `${rate} ${tempo.toFixed(3)}`;
  const known = earliness[key];
  if (known !== undefined) return known;
  const sound = new Float32Array(PROBE_SECONDS * rate);
  const clicks = Array.from({ length: 7 }, (_, i) => 0.43 + i * 0.47);
  for (const click of clicks) {
    for (let i = 0; i < rate * 0.02; i++) {
      sound[Math.round(click * rate) + i] = Math.sin(i * 0.15) * Math.exp((-i * 300) / rate);
    }
  }
  const out = joined([...pieces(sound, rate, tempo)], Math.ceil((sound.length + rate) / tempo));
  const off = clicks.map((click) => {
    const expected = (click / tempo) * rate;
    let most = 0;
    let found = expected;
    for (let i = Math.round(expected - 0.15 * rate); i < expected + 0.15 * rate; i++) {
      const loud = Math.abs(out[i] ?? 0);
      if (loud > most) [most, found] = [loud, i];
    }
    return (expected - found) / rate;
  });
  const inOrder = off.toSorted((a, b) => a - b);
  return (earliness[key] = inOrder[Math.floor(inOrder.length / 2)] ?? 0);
}

/**
 * Plays a sound slower or faster at the same pitch, in pieces so that the page goes on.
 *
 * @param tempo 0.5 for half as fast, to 1.3
 * @param rest gives the page its turn
 */
export async function stretched(
  sound: Float32Array,
  rate: number,
  tempo: number,
  rest: () => Promise<void> = () => new Promise((done) => setTimeout(done, 0))
): Promise<Stretched> {
  const parts: Float32Array[] = [];
  let done = 0;
  for (const part of pieces(sound, rate, tempo)) {
    parts.push(part);
    done += FRAMES;
    if (done % AT_ONCE === 0) await rest();
  }
  return { samples: joined(parts, Math.ceil((sound.length + rate) / tempo)), early: early(rate, tempo) };
}
