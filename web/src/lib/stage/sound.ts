import type { Transport } from './transport.svelte';

/** Seconds that are ordered ahead, so that a busy page is never late. */
const AHEAD = 0.25;
const EVERY = 60;

/** A click on every beat, ordered ahead on the clock of the sound card. */
export class Clicker {
  readonly context: AudioContext;
  readonly #transport: Transport;
  readonly #gain: GainNode;
  #timer = 0;
  #upTo = 0;
  #changes = -1;
  #ordered: OscillatorNode[] = [];
  /** When clicks were ordered for, in seconds of the clock, the last few; for measuring. */
  readonly ticks: { clock: number; beat: number }[] = [];

  constructor(context: AudioContext, transport: Transport) {
    this.context = context;
    this.#transport = transport;
    this.#gain = context.createGain();
    this.#gain.connect(context.destination);
  }

  /** How loud, from 0 to 1. */
  set volume(volume: number) {
    this.#gain.gain.value = volume * 0.5;
  }

  start() {
    this.#timer = window.setInterval(() => this.#order(), EVERY);
    this.#order();
  }

  stop() {
    clearInterval(this.#timer);
    this.#takeBack();
  }

  #takeBack() {
    for (const one of this.#ordered) one.disconnect();
    this.#ordered = [];
  }

  #order() {
    const transport = this.#transport;
    const now = this.context.currentTime;
    if (this.#changes !== transport.changes) {
      this.#takeBack();
      this.#changes = transport.changes;
      this.#upTo = now;
    }
    if (!transport.playing) return;
    const until = now + AHEAD;
    let clock = Math.max(now, this.#upTo);
    // A beat may come round again in a loop, so the next one is looked for from moment to moment.
    for (let guard = 0; guard < 32; guard++) {
      const beat = Math.ceil(transport.beatAt(clock) - 1e-6);
      const { loop } = transport;
      const wraps = loop !== null && beat >= loop.to - 1e-6;
      const next = wraps ? Math.ceil(loop.from - 1e-6) : beat;
      const at = clock + transport.clockUntil(next, clock);
      if (at > until || (!loop && next > transport.end)) break;
      this.#click(at, next);
      clock = at + 0.02;
      this.#upTo = clock;
    }
  }

  #click(at: number, beat: number) {
    const rate = this.context.sampleRate;
    const on = Math.round(at * rate) / rate;
    const first =
      ((beat % this.#transport.beatsPerBar) + this.#transport.beatsPerBar) % this.#transport.beatsPerBar === 0;
    const tone = this.context.createOscillator();
    const loud = this.context.createGain();
    tone.type = 'triangle';
    tone.frequency.value = first ? 1760 : 1175;
    loud.gain.setValueAtTime(0, on);
    loud.gain.linearRampToValueAtTime(first ? 1 : 0.6, on + 0.002);
    loud.gain.exponentialRampToValueAtTime(0.001, on + 0.07);
    tone.connect(loud).connect(this.#gain);
    tone.start(on);
    tone.stop(on + 0.08);
    this.#ordered.push(tone);
    tone.onended = () => (this.#ordered = this.#ordered.filter((one) => one !== tone));
    this.ticks.push({ clock: on, beat });
    if (this.ticks.length > 200) this.ticks.shift();
  }
}
