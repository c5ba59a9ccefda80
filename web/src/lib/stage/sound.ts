import type { Transport } from './transport.svelte';

/** Seconds that are ordered ahead, so that a busy page is never late. */
const AHEAD = 0.35;
/** The same while the page is hidden, where timers come once a second. */
const AHEAD_HIDDEN = 2.2;
const EVERY = 60;
/** No part sounds twice within this time. */
const AFTER = 0.01;

/** Something ordered that can be taken back. */
export interface Sounding {
  stop(): void;
  /** When it is over, on the audio clock. */
  ends: number;
}

/** Something that sounds on beats. */
export interface Part {
  /** The first beat not before a beat on which it sounds in that round of a loop; none if there is no more. */
  next(beat: number, round: number): number | null;
  /** Orders the sound of a beat to fall at a moment of the audio clock. */
  sound(at: number, beat: number, round: number): Sounding | null;
}

/** Takes a part through a stretch of the clock, beat after beat; where it came to. */
export function follow(
  transport: Transport,
  part: Part,
  from: number,
  until: number,
  sound: (at: number, beat: number, round: number) => void
): number {
  let clock = from;
  // A beat may come round again in a loop, so the next one is looked for from moment to moment.
  for (let guard = 0; guard < 5000; guard++) {
    const found = nextOf(transport, part, clock);
    if (found === null) break;
    const at = clock + transport.clockUntil(found.beat, clock);
    if (at > until) break;
    sound(at, found.beat, found.round);
    clock = at + AFTER;
  }
  return clock;
}

function nextOf(transport: Transport, part: Part, clock: number): { beat: number; round: number } | null {
  const { loop, end } = transport;
  const round = transport.roundAt(clock);
  const beat = part.next(transport.beatAt(clock) - 1e-6, round);
  if (!loop) return beat !== null && beat < end - 1e-6 ? { beat, round } : null;
  if (beat !== null && beat < loop.to - 1e-6) return { beat, round };
  const again = part.next(loop.from - 1e-6, round + 1);
  return again !== null && again < loop.to - 1e-6 ? { beat: again, round: round + 1 } : null;
}

/** Orders the sounds of one part ahead on the clock of the sound card, and takes back what no longer holds. */
export class Orders {
  readonly #context: BaseAudioContext;
  readonly #transport: Transport;
  readonly #part: Part;
  #timer = 0;
  #upTo = 0;
  #changes = -1;
  #ordered: Sounding[] = [];

  constructor(context: BaseAudioContext, transport: Transport, part: Part) {
    this.#context = context;
    this.#transport = transport;
    this.#part = part;
  }

  start() {
    clearInterval(this.#timer);
    this.#timer = window.setInterval(this.order, EVERY);
    document.addEventListener('visibilitychange', this.order);
    this.order();
  }

  stop() {
    clearInterval(this.#timer);
    document.removeEventListener('visibilitychange', this.order);
    this.#takeBack();
  }

  /** Orders everything of the next moments that has not been ordered yet. */
  order = () => {
    const transport = this.#transport;
    const now = this.#context.currentTime;
    if (this.#changes !== transport.changes) {
      this.#takeBack();
      this.#changes = transport.changes;
      this.#upTo = now;
    }
    if (!transport.playing) return;
    const until = now + (document.hidden ? AHEAD_HIDDEN : AHEAD);
    this.#ordered = this.#ordered.filter((one) => one.ends > now);
    const from = Math.max(now, this.#upTo);
    this.#upTo = follow(transport, this.#part, from, until, (at, beat, round) => {
      const sounding = this.#part.sound(at, beat, round);
      if (sounding) this.#ordered.push(sounding);
    });
  };

  #takeBack() {
    for (const one of this.#ordered) one.stop();
    this.#ordered = [];
  }
}

/** The nearest moment that is a sample of its own. */
export const onSample = (context: BaseAudioContext, at: number) =>
  Math.round(at * context.sampleRate) / context.sampleRate;

/** A click on every beat, the first of the bar higher and louder. */
export function clicks(context: BaseAudioContext, into: AudioNode, beatsPerBar: number): Part {
  return {
    next: (beat) => Math.ceil(beat),
    sound(at, beat) {
      const on = onSample(context, at);
      const first = ((beat % beatsPerBar) + beatsPerBar) % beatsPerBar === 0;
      const tone = context.createOscillator();
      const loud = context.createGain();
      tone.type = 'triangle';
      tone.frequency.value = first ? 1760 : 1175;
      loud.gain.setValueAtTime(0, on);
      loud.gain.linearRampToValueAtTime(first ? 0.5 : 0.3, on + 0.002);
      loud.gain.exponentialRampToValueAtTime(0.001, on + 0.07);
      tone.connect(loud).connect(into);
      tone.start(on);
      tone.stop(on + 0.08);
      return { stop: () => loud.disconnect(), ends: on + 0.08 };
    }
  };
}

/** A voice that is ready: where each word begins in the buffer, how long it is and after what time its attack is heard. */
export interface Voice {
  buffer: AudioBuffer;
  words: Record<string, readonly number[]>;
}

/** What is said before the dancing begins: a word for every beat of the bar. */
export interface CountedIn {
  words: readonly string[];
  transport: Transport;
}

/** Words of a count spoken so that they are heard to fall on their beats, after the beats counted in. */
export function spoken(
  context: BaseAudioContext,
  into: AudioNode,
  voice: Voice,
  cues: readonly { word: string; beat: number }[],
  countedIn?: CountedIn
): Part {
  const inOrder = cues.toSorted((a, b) => a.beat - b.beat);
  const isIn = (beat: number, round: number) => countedIn?.transport.countsIn(beat, round) ?? false;
  const inWord = (beat: number) => {
    const words = countedIn?.words ?? [];
    return words[((beat % words.length) + words.length) % words.length] ?? '';
  };
  return {
    next(beat, round) {
      if (isIn(Math.ceil(beat), round)) return Math.ceil(beat);
      return inOrder.find((cue) => cue.beat >= beat && !isIn(cue.beat, round))?.beat ?? null;
    },
    sound(at, beat, round) {
      const cue = isIn(beat, round) ? inWord(beat) : inOrder.find((one) => Math.abs(one.beat - beat) < 1e-6)?.word;
      const [from = 0, length = 0, attack = 0] = voice.words[cue ?? ''] ?? [];
      if (length === 0) return null;
      const source = context.createBufferSource();
      source.buffer = voice.buffer;
      source.connect(into);
      // What should have begun already begins within the word, so that its attack is still on the beat.
      const late = Math.max(0, context.currentTime - (at - attack));
      if (late >= length) return null;
      source.start(Math.max(at - attack, context.currentTime), from + late, length - late);
      return { stop: () => source.disconnect(), ends: at - attack + length };
    }
  };
}
