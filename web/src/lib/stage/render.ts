import type { Schemas } from '$lib/api/client';
import { bandPart } from './band';
import { clicks, follow, spoken, type Part, type Voice } from './sound';
import { MASTER, SOUNDING, type Sounding } from './sounds.svelte';
import { Transport } from './transport.svelte';

export const RATE = 44100;
/** Seconds after the last beat in which what was struck dies away. */
export const TAIL = 1.5;

/** What is to be heard, as it would be played. */
export interface Score {
  motion: Pick<Schemas['MotionView'], 'seconds' | 'begins' | 'end' | 'beatsPerBar' | 'countIn'>;
  cues: readonly { word: string; beat: number }[];
  band: Schemas['DanceBand'] | null;
  loudness: Record<Sounding, number>;
  /** A share of the tempo meant. */
  rate: number;
  /** Bars counted in. */
  countIn: number;
}

/** The same sound as the loudspeaker gives, worked out at once; and when each part was ordered to sound. */
export async function render(
  score: Score,
  voice: (context: BaseAudioContext) => Promise<Voice>
): Promise<{ sound: AudioBuffer; ordered: Record<Sounding, number[]> }> {
  const transport = new Transport(score.motion, () => 0);
  transport.setRate(score.rate);
  transport.play(score.countIn);
  const seconds = transport.clockUntil(transport.end, 0);
  const context = new OfflineAudioContext(1, Math.ceil((seconds + TAIL) * RATE), RATE);
  const master = context.createGain();
  master.gain.value = MASTER;
  master.connect(context.destination);
  const ordered: Record<Sounding, number[]> = { band: [], voice: [], click: [] };
  const speaks = score.loudness.voice > 0 ? await voice(context) : null;
  for (const what of SOUNDING) {
    if (score.loudness[what] === 0) continue;
    const gain = context.createGain();
    gain.gain.value = score.loudness[what];
    gain.connect(master);
    const counted = { words: score.motion.countIn.words, transport };
    const part: Part | null =
      what === 'click'
        ? clicks(context, gain, score.motion.beatsPerBar)
        : what === 'voice'
          ? speaks && spoken(context, gain, speaks, score.cues, counted)
          : score.band && bandPart(context, gain, score.band, transport);
    if (!part) continue;
    follow(transport, part, 0, seconds, (at, beat, round) => {
      if (part.sound(at, beat, round)) ordered[what].push(at);
    });
  }
  return { sound: await context.startRendering(), ordered };
}
