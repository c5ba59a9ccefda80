import { api, need, type RoleName, type Schemas } from '$lib/api/client';
import { bandPart } from './band';
import { songPart } from './song';
import { clicks, Orders, spoken } from './sound';
import type { Transport } from './transport.svelte';
import { isVoice, type VoiceName } from './voices/names';

const KEY = 'fluidframe.sound';

/** What is made to sound, in the order in which it is shown. */
export const SOUNDING = ['band', 'voice', 'click'] as const;
export type Sounding = (typeof SOUNDING)[number];
/** All that can be heard: also the recording of the song, where there is one. */
export const HEARD = ['song', ...SOUNDING] as const;
type Heard = (typeof HEARD)[number];

export interface Loudness extends Record<Heard, number> {
  /** Who counts aloud. */
  who: VoiceName;
}

/** All of it together at its loudest stays below what can be played. */
export const MASTER = 0.5;
export const USUAL: Loudness = { song: 1, band: 0.6, voice: 0.8, click: 0.5, who: 'low' };

/** A loudness as it was kept; what is none is as loud as usual. */
function loud(kept: unknown, usual: number): number {
  return typeof kept === 'number' && kept >= 0 && kept <= 1 ? kept : usual;
}

function kept(): Loudness {
  try {
    const read = (JSON.parse(localStorage.getItem(KEY) ?? '{}') ?? {}) as Partial<Loudness>;
    return {
      song: loud(read.song, USUAL.song),
      band: loud(read.band, USUAL.band),
      voice: loud(read.voice, USUAL.voice),
      click: loud(read.click, USUAL.click),
      who: isVoice(read.who) ? read.who : USUAL.who
    };
  } catch {
    localStorage.removeItem(KEY);
    return USUAL;
  }
}

/** The words that somebody counts: those of one dancer, or of the first where both are danced. */
export function cuesOf(motion: Schemas['MotionView'], only: 'both' | RoleName) {
  const roles = motion.dancers.map((dancer) => dancer.role);
  const role = only !== 'both' && roles.includes(only) ? only : roles[0];
  return motion.rows.filter((row) => row.role === role).flatMap((row) => row.spoken);
}

/** Whoever knows what a band plays for a dance. */
export type Bands = (dance: string) => Promise<Schemas['DanceBand'] | undefined>;

const ofTheServer: Bands = (dance) => need(api.GET('/api/bands/{dance}', { params: { path: { dance } } }));

/** Everything that sounds while somebody rehearses, each as loud as it was left. */
export class Sounds {
  #loudness = $state.raw<Loudness>(kept());
  #context: AudioContext | undefined;
  #gains: Record<Heard, GainNode> | undefined;
  #orders: Orders[] = [];
  /** Counts how often it was begun, so that what is ready late knows whether it is still wanted. */
  #begun = 0;
  #bands: Record<string, Schemas['DanceBand']> = {};
  #songs: Record<string, AudioBuffer> = {};
  readonly #bandOf: Bands;

  constructor(bandOf: Bands = ofTheServer) {
    this.#bandOf = bandOf;
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

  /** Silent, or as loud as usual. */
  mute(what: Heard) {
    this.set({ [what]: this.#loudness[what] > 0 ? 0 : USUAL[what] });
  }

  #turn() {
    for (const what of HEARD) if (this.#gains) this.#gains[what].gain.value = this.#loudness[what];
  }

  /** Makes the sound ready; has to be asked for by a key or a click. */
  open() {
    if (!this.#context) {
      const context = new AudioContext();
      const master = context.createGain();
      master.gain.value = MASTER;
      master.connect(context.destination);
      const gain = () => {
        const made = context.createGain();
        made.connect(master);
        return made;
      };
      this.#context = context;
      this.#gains = { song: gain(), band: gain(), voice: gain(), click: gain() };
    }
    void this.#context.resume();
    this.#turn();
  }

  start(motion: Schemas['MotionView'], transport: Transport, only: 'both' | RoleName) {
    const context = this.#context;
    const gains = this.#gains;
    if (!context || !gains) return;
    this.stop();
    const begun = ++this.#begun;
    const begin = (orders: Orders) => {
      // Whoever has paused meanwhile is not played to.
      if (this.#begun !== begun) return;
      this.#orders.push(orders);
      orders.start();
    };
    begin(new Orders(context, transport, clicks(context, gains.click, motion.beatsPerBar)));
    void this.#voice(context).then(
      (voice) => {
        const counted = { words: motion.countIn.words, transport };
        begin(new Orders(context, transport, spoken(context, gains.voice, voice, cuesOf(motion, only), counted)));
      },
      // A browser that cannot unpack the voice still clicks.
      () => undefined
    );
    const band = () =>
      void this.band(motion.dance).then(
        (known) => begin(new Orders(context, transport, bandPart(context, gains.band, known, transport))),
        // Without a server there is no band, and everything else goes on.
        () => undefined
      );
    const { recording } = motion;
    if (!recording || this.#loudness.song === 0) {
      band();
      return;
    }
    void this.#song(recording.file).then(
      (buffer) =>
        begin(
          new Orders(context, transport, songPart(context, gains.song, { buffer, from: recording.from }, transport))
        ),
      // Where the sound cannot be had, the band plays instead.
      band
    );
  }

  /** The sound of a recording, asked for once. */
  async #song(file: string): Promise<AudioBuffer> {
    const context = this.#context;
    const known = this.#songs[file];
    if (known) return known;
    const bytes = await need(api.GET('/api/recordings/{file}', { params: { path: { file } }, parseAs: 'arrayBuffer' }));
    if (!context) throw new Error('Nothing can sound');
    return (this.#songs[file] = await context.decodeAudioData(bytes));
  }

  async #voice(context: AudioContext) {
    const { voice } = await import('./voices');
    return voice(this.#loudness.who, context);
  }

  /** The band of a dance, asked for once. */
  async band(dance: string): Promise<Schemas['DanceBand']> {
    const known = this.#bands[dance];
    if (known) return known;
    const band = await this.#bandOf(dance);
    if (!band) throw new Error(`There is no band for ${dance}`);
    this.#bands[dance] = band;
    return band;
  }

  stop() {
    this.#begun++;
    for (const orders of this.#orders) orders.stop();
    this.#orders = [];
  }

  close() {
    this.stop();
    void this.#context?.close();
  }
}
