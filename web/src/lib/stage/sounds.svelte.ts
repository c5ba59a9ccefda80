import type { RoleName, Schemas } from '$lib/api/client';
import { clicks, Orders, spoken } from './sound';
import type { Transport } from './transport.svelte';
import type { VoiceName } from './voices';

const KEY = 'fluidframe.sound';

interface Loudness {
  click: number;
  voice: number;
  /** Who counts aloud. */
  who: VoiceName;
}

/** A loudness as it was kept; what is none is as loud as usual. */
function loud(kept: unknown, usual: number): number {
  return typeof kept === 'number' && kept >= 0 && kept <= 1 ? kept : usual;
}

/** Everything that sounds while somebody rehearses, each as loud as it was left. */
export class Sounds {
  #loudness = $state.raw<Loudness>({ click: 0.7, voice: 0.8, who: 'low' });
  #context: AudioContext | undefined;
  #gains: { click: GainNode; voice: GainNode } | undefined;
  #clicks: Orders | undefined;
  #voice: Orders | undefined;

  constructor() {
    try {
      const kept = (JSON.parse(localStorage.getItem(KEY) ?? '{}') ?? {}) as Partial<Loudness>;
      const usual = this.#loudness;
      this.#loudness = {
        click: loud(kept.click, usual.click),
        voice: loud(kept.voice, usual.voice),
        who: kept.who === 'high' ? 'high' : 'low'
      };
    } catch {
      localStorage.removeItem(KEY);
    }
  }

  get loudness() {
    return this.#loudness;
  }

  /** Seconds of the clock that everything keeps to. */
  clock = () => this.#context?.currentTime ?? performance.now() / 1000;

  /** How much later than ordered something is heard. */
  get late(): number {
    return this.#context ? this.#context.outputLatency || this.#context.baseLatency || 0 : 0;
  }

  set(change: Partial<Loudness>) {
    this.#loudness = { ...this.#loudness, ...change };
    localStorage.setItem(KEY, JSON.stringify(this.#loudness));
    this.#turn();
  }

  #turn() {
    if (!this.#gains) return;
    this.#gains.click.gain.value = this.#loudness.click;
    this.#gains.voice.gain.value = this.#loudness.voice;
  }

  /** Makes the sound ready; has to be asked for by a key or a click. */
  open() {
    if (!this.#context) {
      const context = new AudioContext();
      const click = context.createGain();
      const voice = context.createGain();
      click.connect(context.destination);
      voice.connect(context.destination);
      this.#context = context;
      this.#gains = { click, voice };
    }
    void this.#context.resume();
    this.#turn();
  }

  start(motion: Schemas['MotionView'], transport: Transport, only: 'both' | RoleName) {
    const context = this.#context;
    const gains = this.#gains;
    if (!context || !gains) return;
    this.stop();
    this.#clicks = new Orders(context, transport, clicks(context, gains.click, motion.beatsPerBar));
    this.#clicks.start();
    const roles = motion.dancers.map((dancer) => dancer.role);
    const role = only !== 'both' && roles.includes(only) ? only : roles[0];
    const cues = motion.rows.filter((row) => row.role === role).flatMap((row) => row.spoken);
    void this.#speak(context, gains.voice, transport, cues);
  }

  async #speak(context: AudioContext, into: AudioNode, transport: Transport, cues: { word: string; beat: number }[]) {
    const clicksThen = this.#clicks;
    const { voice } = await import('./voices');
    const ready = await voice(this.#loudness.who, context);
    // Whoever has paused meanwhile is not spoken to.
    if (this.#clicks !== clicksThen) return;
    this.#voice = new Orders(context, transport, spoken(context, into, ready, cues));
    this.#voice.start();
  }

  stop() {
    this.#clicks?.stop();
    this.#voice?.stop();
    this.#clicks = this.#voice = undefined;
  }

  close() {
    this.stop();
    void this.#context?.close();
  }
}
