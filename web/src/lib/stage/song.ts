import { onSample, type Part } from './sound';
import { stretching, type Stretching } from './stretch';
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

/** Part of the recording at another tempo, from a second of it on. */
interface Stretch {
  first: number;
  begun: Stretching;
}

/** Seconds that two stretches share, so that a piece lies in one of them. */
const SHARED = 1;

/** The recording, a piece at a time on the beats of the motion, so that loops have no gap and the picture keeps to it. */
export function songPart(context: BaseAudioContext, into: AudioNode, recorded: Recorded, transport: Transport): Part {
  const stretches = new Map<string, Stretch[]>();
  const { sampleRate } = recorded.buffer;
  const seconds = (beat: number) => recorded.from + transport.timeline.seconds(beat);

  function stretch(key: string, rate: number, from: number, to: number): Stretch {
    const sound = mono(recorded.buffer, from, to);
    return { first: from, begun: stretching(sound, sampleRate, rate, { isWanted: () => stretches.has(key) }) };
  }

  /** Begins where it is wanted, or with the loop, so that only a moment is silent; what lies before is begun when it is asked for. */
  function begin(key: string, rate: number, second: number): Stretch[] {
    const known = stretches.get(key);
    if (known?.some(({ first }) => first <= second)) return known;
    const first = Math.max(0, seconds(transport.begins) - SHARED);
    const loop = transport.loop ? seconds(transport.loop.from) : second;
    const from = Math.max(first, Math.min(second, loop) - SHARED);
    const to = known?.[0] ? known[0].first + 2 * SHARED : seconds(transport.end) + 2;
    const all = known ?? [];
    stretches.set(key, all);
    for (const old of [...stretches.keys()].slice(0, -MOST_KEPT)) stretches.delete(old);
    all.unshift(stretch(key, rate, from, to));
    return all;
  }

  /** Where so many seconds lie that are heard from a second of the recording on; nothing while that is not ready. */
  function sounding(rate: number, second: number, length: number) {
    if (Math.abs(rate - 1) < SAME) {
      const isIn = second >= 0 && second < recorded.buffer.duration;
      return isIn ? { buffer: recorded.buffer, offset: second } : undefined;
    }
    const key = rate.toFixed(3);
    for (const { first, begun } of begin(key, rate, second)) {
      const offset = (second - first) / rate - begun.early;
      const from = Math.floor(offset * sampleRate);
      const to = Math.ceil((offset + length) * sampleRate);
      if (from < 0 || to > begun.filled) continue;
      const buffer = context.createBuffer(1, Math.max(1, to - from), sampleRate);
      buffer.copyToChannel(begun.samples.subarray(from, to), 0);
      return { buffer, offset: offset - from / sampleRate };
    }
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
      const on = Math.max(onSample(context, at), context.currentTime);
      const until = Math.min((Math.floor(beat * PIECES + 1e-6) + 1) / PIECES, loop?.to ?? Infinity);
      const late = on - at;
      const length = (seconds(until) - seconds(beat)) / rate - late;
      if (length <= 0) return null;
      const heard = sounding(rate, seconds(beat) + late * rate, length + OVER);
      if (!heard) return null;
      const source = context.createBufferSource();
      source.buffer = heard.buffer;
      const loud = context.createGain();
      loud.gain.setValueAtTime(0, on);
      loud.gain.linearRampToValueAtTime(1, on + OVER);
      loud.gain.setValueAtTime(1, on + length);
      loud.gain.linearRampToValueAtTime(0, on + length + OVER);
      source.connect(loud).connect(into);
      source.start(on, heard.offset, length + OVER);
      return { stop: () => loud.disconnect(), ends: on + length + OVER };
    }
  };
}
