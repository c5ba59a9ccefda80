import type { Schemas } from '$lib/api/client';
import { decibels, EARS, listen, loudness, peak, type Heard } from './listening';
import { render, RATE, TAIL, type Score } from './render';
import type { Voice } from './sound';
import { SOUNDING, type Sounding } from './sounds.svelte';

/** What was measured of the sound of a dance. */
export interface Measured {
  heard: Record<Sounding, Heard>;
  /** Of all of it together at its loudest, as a share of what can be played. */
  peak: number;
  /** Of the band alone, in decibels, weighed as an ear does. */
  level: number;
}

const BARS = 8;
const NUMBERS = ['one', 'two', 'three', 'four'];

/** So many bars of a dance at the middle of its tempo, every beat counted. */
export function score(dance: Schemas['DanceView'], band: Schemas['DanceBand'], words: readonly string[] = []): Score {
  const beats = BARS * dance.beatsPerBar;
  const beatSeconds = 120 / (dance.slowest + dance.fastest) / dance.beatsPerBar;
  const said = words.length > 0 ? words : NUMBERS.slice(0, dance.beatsPerBar);
  return {
    motion: {
      seconds: Array.from({ length: beats + 1 }, (_, beat) => beat * beatSeconds),
      begins: 0,
      end: beats,
      beatsPerBar: dance.beatsPerBar,
      countIn: { bars: 1, words: NUMBERS.slice(0, dance.beatsPerBar) }
    },
    cues: Array.from({ length: beats }, (_, beat) => ({ word: said[beat % said.length] ?? '', beat })),
    band,
    loudness: { band: 1, voice: 1, click: 1 },
    rate: 1,
    countIn: 1
  };
}

/** Each part alone against the moments it was meant for, and all together against what can be played. */
export async function measure(whole: Score, voice: (context: BaseAudioContext) => Promise<Voice>): Promise<Measured> {
  const heard = {} as Record<Sounding, Heard>;
  let together = new Float32Array();
  let level = 0;
  for (const what of SOUNDING) {
    const silent = { band: 0, voice: 0, click: 0 };
    const { sound, ordered } = await render({ ...whole, loudness: { ...silent, [what]: 1 } }, voice);
    const samples = sound.getChannelData(0);
    // All of them together are their sum: nothing in between bends a sound by another.
    together = Float32Array.from(samples, (one, i) => one + (together[i] ?? 0));
    heard[what] = listen(samples, RATE, ordered[what], EARS[what]);
    if (what === 'band') {
      const weighed = (await asHeard(sound)).getChannelData(0);
      level = decibels(loudness(weighed, RATE, ordered.band[0] ?? 0, sound.duration - TAIL));
    }
  }
  return { heard, peak: peak(together), level };
}

/**
 * A sound as loudness is measured in broadcasting (ITU-R BS.1770): the highs raised as a head does, the lowest left out.
 */
async function asHeard(sound: AudioBuffer): Promise<AudioBuffer> {
  const context = new OfflineAudioContext(1, sound.length, RATE);
  const source = context.createBufferSource();
  source.buffer = sound;
  const head = context.createBiquadFilter();
  head.type = 'highshelf';
  head.frequency.value = 1681;
  head.gain.value = 4;
  const low = context.createBiquadFilter();
  low.type = 'highpass';
  low.frequency.value = 38;
  low.Q.value = 0.5;
  source.connect(head).connect(low).connect(context.destination);
  source.start();
  return context.startRendering();
}
