import { onSample, type Part } from './sound';
import { stretched, type Stretched } from './stretch';
import type { Transport } from './transport.svelte';

/** A beat is played in so many pieces that follow each other without a gap. */
const PIECES = 4;
/** Seconds in which one piece goes over into the next: the same sound, so that nobody hears it. */
const OVER = 0.004;
/** A tempo this near to its own is the recording as it is. */
const SAME = 0.002;
/** Tempos whose sound is kept; a ladder has many. */
const MOST_KEPT = 3;

/** A recording and what of it is danced to, in its seconds. */
export interface Recorded {
  buffer: AudioBuffer;
  /** How many seconds of it are over on the first beat of the first bar. */
  from: number;
}

/** One channel of a sound. */
export function mono(buffer: AudioBuffer, from: number, to: number): Float32Array {
  const first = Math.max(0, Math.floor(from * buffer.sampleRate));
  const length = Math.max(0, Math.min(buffer.length, Math.ceil(to * buffer.sampleRate)) - first);
  const mixed = new Float32Array(length);
  for (let channel = 0; channel < buffer.numberOfChannels; channel++) {
    const samples = buffer.getChannelData(channel);
    for (let i = 0; i < length; i++) mixed[i] = (mixed[i] ?? 0) + (samples[first + i] ?? 0) / buffer.numberOfChannels;
  }
  return mixed;
}

/** What sounds at one tempo: a buffer, and where in it a second of the recording is. */
interface Ready {
  buffer: AudioBuffer;
  at: (second: number) => number;
}

/** The recording, a piece at a time on the beats of the motion, so that loops have no gap and the picture keeps to it. */
export function songPart(context: BaseAudioContext, into: AudioNode, recorded: Recorded, transport: Transport): Part {
  const whole: Ready = { buffer: recorded.buffer, at: (second) => second };
  const ready = new Map<string, Ready | 'asked'>();
  const seconds = (beat: number) => recorded.from + transport.timeline.seconds(beat);

  function of(rate: number): Ready | undefined {
    if (Math.abs(rate - 1) < SAME) return whole;
    const key = rate.toFixed(3);
    const known = ready.get(key);
    if (known === 'asked') return undefined;
    if (known) return known;
    ready.set(key, 'asked');
    for (const old of [...ready.keys()].slice(0, -MOST_KEPT)) ready.delete(old);
    const first = Math.max(0, seconds(transport.begins) - 1);
    const sound = mono(recorded.buffer, first, seconds(transport.end) + 2);
    const { sampleRate } = recorded.buffer;
    void stretched(sound, sampleRate, rate).then(({ samples, early }: Stretched) => {
      const buffer = context.createBuffer(1, Math.max(1, samples.length), sampleRate);
      buffer.copyToChannel(samples, 0);
      if (ready.has(key)) ready.set(key, { buffer, at: (second) => (second - first) / rate - early });
    });
    return undefined;
  }

  function next(beat: number, round: number): number {
    // What begins between two pieces, after a bar counted in or with a loop, has a first piece of its own.
    if (transport.countsIn(beat, round)) return transport.dancesFrom;
    const piece = Math.ceil(beat * PIECES - 1e-6) / PIECES;
    const begins = transport.loop?.from ?? transport.begins;
    return begins >= beat - 1e-6 && begins < piece ? begins : piece;
  }

  return {
    next,
    sound(at, beat) {
      const { rate, loop } = transport;
      const from = of(rate);
      if (!from) return null;
      const on = Math.max(onSample(context, at), context.currentTime);
      const until = Math.min((Math.floor(beat * PIECES + 1e-6) + 1) / PIECES, loop?.to ?? Infinity);
      const length = (seconds(until) - seconds(beat)) / rate - (on - at);
      const offset = from.at(seconds(beat)) + (on - at);
      if (length <= 0 || offset < 0 || offset >= from.buffer.duration) return null;
      const source = context.createBufferSource();
      source.buffer = from.buffer;
      const loud = context.createGain();
      loud.gain.setValueAtTime(0, on);
      loud.gain.linearRampToValueAtTime(1, on + OVER);
      loud.gain.setValueAtTime(1, on + length);
      loud.gain.linearRampToValueAtTime(0, on + length + OVER);
      source.connect(loud).connect(into);
      source.start(on, offset, length + OVER);
      return { stop: () => loud.disconnect(), ends: on + length + OVER };
    }
  };
}
