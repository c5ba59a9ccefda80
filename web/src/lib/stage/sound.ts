import type { Transport } from './transport.svelte';

/** Seconds that are ordered ahead, so that a busy page is never late. */
const AHEAD = 0.35;
/** The same while the page is hidden, where timers come once a second. */
const AHEAD_HIDDEN = 2.2;
const EVERY = 60;

/** Something that sounds on beats. */
export interface Part {
  /** The first beat not before a beat on which it sounds; none if there is no more. */
  next(beat: number): number | null;
  /** Orders the sound of a beat to fall at a moment of the audio clock. */
  sound(at: number, beat: number): AudioScheduledSourceNode | null;
}

/** Orders the sounds of one part ahead on the clock of the sound card, and takes back what no longer holds. */
export class Orders {
  readonly #context: BaseAudioContext;
  readonly #transport: Transport;
  readonly #part: Part;
  #timer = 0;
  #upTo = 0;
  #changes = -1;
  #ordered: AudioScheduledSourceNode[] = [];

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
    let clock = Math.max(now, this.#upTo);
    // A beat may come round again in a loop, so the next one is looked for from moment to moment.
    for (let guard = 0; guard < 64; guard++) {
      const found = this.#next(transport.beatAt(clock) - 1e-6);
      if (found === null) break;
      const at = clock + transport.clockUntil(found, clock);
      if (at > now + (document.hidden ? AHEAD_HIDDEN : AHEAD)) break;
      this.#sound(at, found);
      clock = at + 0.01;
      this.#upTo = clock;
    }
  };

  #next(beat: number): number | null {
    const { loop, end } = this.#transport;
    const found = this.#part.next(beat);
    if (!loop) return found !== null && found < end - 1e-6 ? found : null;
    if (found !== null && found < loop.to - 1e-6) return found;
    const again = this.#part.next(loop.from - 1e-6);
    return again !== null && again < loop.to - 1e-6 ? again : null;
  }

  #sound(at: number, beat: number) {
    const source = this.#part.sound(at, beat);
    if (!source) return;
    this.#ordered.push(source);
    source.onended = () => (this.#ordered = this.#ordered.filter((one) => one !== source));
  }

  #takeBack() {
    for (const one of this.#ordered) one.disconnect();
    this.#ordered = [];
  }
}

/** A click on every beat, the first of the bar higher and louder. */
export function clicks(context: BaseAudioContext, into: AudioNode, beatsPerBar: number): Part {
  return {
    next: (beat) => Math.ceil(beat),
    sound(at, beat) {
      const on = Math.round(at * context.sampleRate) / context.sampleRate;
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
      return tone;
    }
  };
}

/** Words of a count spoken so that they are heard to fall on their beats. */
export function spoken(
  context: BaseAudioContext,
  into: AudioNode,
  voice: { buffer: AudioBuffer; words: Record<string, readonly number[]> },
  cues: readonly { word: string; beat: number }[]
): Part {
  const inOrder = cues.toSorted((a, b) => a.beat - b.beat);
  return {
    next: (beat) => inOrder.find((cue) => cue.beat >= beat)?.beat ?? null,
    sound(at, beat) {
      const cue = inOrder.find((one) => Math.abs(one.beat - beat) < 1e-6);
      const [from = 0, length = 0, attack = 0] = voice.words[cue?.word ?? ''] ?? [];
      if (length === 0) return null;
      const source = context.createBufferSource();
      source.buffer = voice.buffer;
      source.connect(into);
      // What should have begun already begins within the word, so that its attack is still on the beat.
      const late = Math.max(0, context.currentTime - (at - attack));
      if (late >= length) return null;
      source.start(Math.max(at - attack, context.currentTime), from + late, length - late);
      return source;
    }
  };
}
