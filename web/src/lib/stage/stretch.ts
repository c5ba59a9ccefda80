import { Stretch } from '@soundtouchjs/core';

/** Milliseconds of a piece, of how far the next is looked for, and of what two share; small, so that beats stay where they are. */
const HOW = { sequenceMs: 40, seekWindowMs: 10, overlapMs: 8, quickSeek: true };
const FRAMES = 4096;
/** So many frames are worked out before the page may do something else. */
const AT_ONCE = 16 * FRAMES;
const PROBE_SECONDS = 4;

/** A sound on its way to being slower or faster at the same pitch. */
export interface Stretching {
  /** One channel, as long as it will be. */
  samples: Float32Array<ArrayBuffer>;
  /** How many of them are ready, from the first on. */
  filled: number;
  /** Seconds by which everything comes earlier than its time divided by the tempo. */
  early: number;
  /** Kept when all of it is ready. */
  done: Promise<void>;
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

/** Puts one of two equal channels behind what is there; how much is there now. */
function put(all: Float32Array, at: number, part: Float32Array): number {
  let next = at;
  for (let i = 0; i < part.length && next < all.length; i += 2) all[next++] = part[i] ?? 0;
  return next;
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
  const out = new Float32Array(Math.ceil((sound.length + rate) / tempo));
  let filled = 0;
  for (const part of pieces(sound, rate, tempo)) filled = put(out, filled, part);
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

/** What a stretching may be told. */
interface Turns {
  /** Gives the page its turn. */
  rest?: () => Promise<void>;
  /** Asked at every turn; once nobody wants it any more the rest stays silent. */
  isWanted?: () => boolean;
}

/**
 * Begins to make a sound slower or faster at the same pitch; what is ready can be played while the rest is worked out.
 *
 * @param tempo 0.5 for half as fast, to 1.3
 */
export function stretching(sound: Float32Array, rate: number, tempo: number, turns: Turns = {}): Stretching {
  const { rest = () => new Promise<void>((done) => setTimeout(done, 0)), isWanted = () => true } = turns;
  const samples = new Float32Array(Math.ceil((sound.length + rate) / tempo));
  const begun: Stretching = { samples, filled: 0, early: early(rate, tempo), done: Promise.resolve() };
  const work = async () => {
    let done = 0;
    for (const part of pieces(sound, rate, tempo)) {
      begun.filled = put(samples, begun.filled, part);
      done += FRAMES;
      if (done % AT_ONCE !== 0) continue;
      await rest();
      if (!isWanted()) return;
    }
    begun.filled = samples.length;
  };
  begun.done = Promise.resolve().then(work);
  return begun;
}
