import { beforeEach, describe, expect, it } from 'vitest';
import { follow } from './sound';
import { mono, songPart } from './song';
import { Transport } from './transport.svelte';

interface Piece {
  on: number;
  offset: number;
  length: number;
  /** When on the clock the loudest of what is played slower or faster is heard. */
  loudest?: number;
}

const loudestOf = (samples: Float32Array) =>
  samples.reduce((best, sample, i) => (Math.abs(sample) > Math.abs(samples[best] ?? 0) ? i : best), 0);

const RATE = 8000;
let now = 0;
let transport: Transport;
let part: ReturnType<typeof songPart>;
let pieces: Piece[] = [];

const gain = {
  gain: { setValueAtTime: () => undefined, linearRampToValueAtTime: () => undefined },
  connect: () => gain,
  disconnect: () => undefined
};
/** A context that writes down what is played, and at which time of the recording. */
const context = {
  sampleRate: RATE,
  get currentTime() {
    return now;
  },
  createGain: () => gain,
  createBuffer: (_: number, length: number, sampleRate: number) => ({
    sampleRate,
    length,
    samples: new Float32Array(length),
    copyToChannel(from: Float32Array) {
      this.samples.set(from);
    }
  }),
  createBufferSource: () => ({
    buffer: null as { samples?: Float32Array } | null,
    connect: () => gain,
    start(on: number, offset: number, length: number) {
      const samples = this.buffer?.samples;
      const at = samples && loudestOf(samples) / RATE;
      pieces.push({ on, offset, length: length - 0.004, ...(at === undefined ? {} : { loudest: on + at - offset }) });
    }
  })
} as unknown as BaseAudioContext;

/** A click on every beat of what is danced, which begins after five seconds. */
const BEATS = [0, 0.5, 1, 1.7, 2.2, 2.7, 3.2];
const clicks = new Float32Array(60 * RATE);
for (const beat of BEATS) for (let i = 0; i < 150; i++) clicks[(5 + beat) * RATE + i] = Math.exp(-i / 30);
const buffer = {
  sampleRate: RATE,
  duration: 60,
  length: 60 * RATE,
  numberOfChannels: 1,
  getChannelData: () => clicks
} as unknown as AudioBuffer;

/** Orders everything until so many seconds from now. */
function play(seconds: number) {
  follow(transport, part, now, now + seconds, (at, beat, round) => part.sound(at, beat, round));
}

/** Every piece begins where the one before it ends, on the clock and in the recording. */
function followOn(from: number, to: number) {
  for (let i = from + 1; i < to; i++) {
    const [before, piece] = [pieces[i - 1]!, pieces[i]!];
    expect(piece.on).toBeCloseTo(before.on + before.length, 2);
    expect(piece.offset).toBeCloseTo(before.offset + before.length, 2);
  }
}

beforeEach(() => {
  now = 10;
  pieces = [];
  // The third beat is slower, as in a recording that sways.
  transport = new Transport({ seconds: BEATS, begins: 0, end: 6, beatsPerBar: 3 }, () => now);
  part = songPart(context, {} as AudioNode, { buffer, from: 5 }, transport);
});

describe('the recording of a song', () => {
  it('is played whole, a piece after the other, from where the routine begins in it', () => {
    transport.play(0);
    play(4);
    expect(pieces).toHaveLength(24);
    expect(pieces[0]).toMatchObject({ on: 10, offset: 5 });
    followOn(0, pieces.length);
    const last = pieces.at(-1)!;
    expect(last.offset + last.length).toBeCloseTo(8.2, 3);
  });

  it('rests while a bar is counted in', () => {
    transport.play(1);
    play(5);
    expect(pieces[0]?.on).toBeCloseTo(11.5, 3);
    expect(pieces[0]?.offset).toBeCloseTo(5, 3);
  });

  it.each([
    [1, 3],
    [0.6, 2.15],
    [1 / 3, 4]
  ])('goes round from %f to %f without a gap', (from, to) => {
    transport.setLoop({ from, to });
    transport.play(0);
    const begin = 5 + transport.timeline.seconds(from);
    const end = 5 + transport.timeline.seconds(to);
    play(3 * (end - begin) - 0.01);
    const rounds = pieces.flatMap((piece, i) => (Math.abs(piece.offset - begin) < 0.002 ? [i] : []));
    expect(rounds).toHaveLength(3);
    rounds.forEach((first, round) => {
      const next = rounds[round + 1] ?? pieces.length;
      followOn(first, next);
      const last = pieces[next - 1]!;
      expect(last.offset + last.length).toBeCloseTo(end, 2);
      const again = pieces[next];
      if (again) expect(again.on).toBeCloseTo(last.on + last.length, 2);
    });
  });

  it.each([0.5, 0.8, 1.2])('has its beats where the picture has them at %f of the tempo', async (rate) => {
    transport.setRate(rate);
    transport.play(0);
    play(0.2);
    // What was asked for first was not ready; by its next turn it is.
    await new Promise((ready) => setTimeout(ready, 200));
    pieces = [];
    transport.pause();
    transport.play(0);
    play(3 / rate);
    expect(pieces.length).toBeGreaterThan(15);
    for (const beat of BEATS.slice(1, 5)) {
      const on = now + beat / rate;
      const nearest = Math.min(...pieces.map((piece) => Math.abs((piece.loudest ?? Infinity) - on)));
      expect(nearest).toBeLessThan(0.025);
    }
  });

  it('is mixed to one channel from any stretch of it', () => {
    const channels = [new Float32Array(100).fill(1), new Float32Array(100).fill(0.5)];
    const two = {
      sampleRate: 10,
      length: 100,
      numberOfChannels: 2,
      getChannelData: (i: number) => channels[i]!
    } as unknown as AudioBuffer;
    expect([...mono(two, 9, 20)]).toEqual(new Array(10).fill(0.75));
  });
});
