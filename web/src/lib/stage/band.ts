import type { Schemas } from '$lib/api/client';
import { PITCHED, STRIKE, STRUCK } from './instruments';
import { onSample, type Part } from './sound';
import type { Transport } from './transport.svelte';

type Note = Schemas['BandNote'];

/** A stretch shorter than this many bars ends as the phrase has it, without an ending of its own. */
const BARS_FOR_AN_ENDING = 4;
const A4 = 69;

/** The onsets of notes in order, and what begins on each. */
class Onsets {
  readonly beats: readonly number[];
  readonly #notes = new Map<number, Note[]>();

  constructor(notes: readonly Note[]) {
    for (const note of notes) {
      const on = rounded(note.beat);
      this.#notes.set(on, [...(this.#notes.get(on) ?? []), note]);
    }
    this.beats = [...this.#notes.keys()].sort((a, b) => a - b);
  }

  /** The first onset not before a beat. */
  from(beat: number): number | undefined {
    return this.beats.find((one) => one >= beat);
  }

  at(beat: number): readonly Note[] {
    return this.#notes.get(rounded(beat)) ?? [];
  }
}

const rounded = (beat: number) => Math.round(beat * 1e4) / 1e4;

/** The band of a dance, phrase after phrase through a loop and all; it waits while the beats are counted in. */
export function bandPart(
  context: BaseAudioContext,
  into: AudioNode,
  band: Schemas['DanceBand'],
  transport: Transport
): Part {
  const phrase = new Onsets(band.phrase);
  const ending = new Onsets(band.ending);
  const cycle = band.phraseBeats;
  const bar = band.beatsPerBar;
  const lastBar = Math.ceil(transport.end / bar - 1e-6) * bar;
  const closes = lastBar - Math.floor(transport.begins / bar) * bar >= BARS_FOR_AN_ENDING * bar;
  const endingFrom = lastBar - band.endingBeats;
  const level = 10 ** (band.level / 20);

  /** Beats by which the phrase has gone on over the rounds of a loop of whole bars. */
  function gone(round: number): number {
    const { loop } = transport;
    const length = loop ? loop.to - loop.from : 0;
    return Math.abs(length / bar - Math.round(length / bar)) < 1e-6 ? round * length : 0;
  }

  function next(beat: number, round: number): number | null {
    const from = transport.countsIn(beat, round) ? transport.dancesFrom : beat;
    if (closes && !transport.loop && from >= endingFrom - 1e-6) {
      const on = ending.from(rounded(from - endingFrom - 1e-6));
      return on === undefined ? null : endingFrom + on;
    }
    const shift = gone(round);
    const inCycle = (((from + shift) % cycle) + cycle) % cycle;
    const on = phrase.from(rounded(inCycle - 1e-6)) ?? cycle + (phrase.beats[0] ?? 0);
    const found = from + on - inCycle;
    return closes && !transport.loop && found >= endingFrom ? next(endingFrom, round) : found;
  }

  return {
    next: band.phrase.length === 0 ? () => null : next,
    sound(at, beat, round) {
      const closing = closes && !transport.loop && beat >= endingFrom - 1e-4;
      const inCycle = rounded((((beat + gone(round)) % cycle) + cycle) % cycle);
      const notes = closing ? ending.at(beat - endingFrom) : phrase.at(inCycle % cycle);
      if (notes.length === 0) return null;
      const bus = context.createGain();
      bus.gain.value = level;
      bus.connect(into);
      const on = Math.max(onSample(context, at), context.currentTime);
      let ends = on;
      for (const note of notes) {
        const held = transport.timeline.seconds(beat + note.length) - transport.timeline.seconds(beat);
        ends = Math.max(ends, play(context, bus, note, on, held / transport.rate));
      }
      return { stop: () => bus.disconnect(), ends };
    }
  };
}

/** Orders one note; when it is over. */
function play(context: BaseAudioContext, into: AudioNode, note: Note, on: number, held: number): number {
  const pitched = PITCHED[note.instrument];
  if (pitched) return playPitched(context, into, note, on, held);
  const struck = STRUCK[note.instrument];
  if (!struck) return on;
  const loud = context.createGain();
  const peak = struck.gain * note.loud;
  loud.gain.setValueAtTime(peak, on);
  loud.gain.exponentialRampToValueAtTime(peak * 0.002, on + struck.decay * 1.6);
  loud.connect(into);
  const ends = on + struck.decay * 1.6;
  if (struck.tone) {
    const tone = context.createOscillator();
    tone.type = struck.wave ?? 'sine';
    tone.frequency.setValueAtTime(struck.tone[0], on);
    tone.frequency.exponentialRampToValueAtTime(struck.tone[1], on + struck.decay);
    tone.connect(loud);
    tone.start(on);
    tone.stop(ends);
  }
  if (struck.noise) {
    const source = context.createBufferSource();
    source.buffer = noise(context);
    const filter = context.createBiquadFilter();
    [filter.type, filter.frequency.value, filter.Q.value] = struck.noise;
    source.connect(filter).connect(loud);
    source.start(on, (note.beat * 0.37) % 0.5, ends - on);
  }
  return ends;
}

function playPitched(context: BaseAudioContext, into: AudioNode, note: Note, on: number, held: number): number {
  const how = PITCHED[note.instrument];
  if (!how) return on;
  const loud = context.createGain();
  const filter = context.createBiquadFilter();
  filter.type = 'lowpass';
  filter.frequency.value = how.dull;
  const peak = how.gain * note.loud;
  const letGo = on + Math.max(how.attack + 0.03, held - how.release * 0.5);
  loud.gain.setValueAtTime(0, on);
  loud.gain.linearRampToValueAtTime(peak, on + how.attack);
  loud.gain.setTargetAtTime(peak * 0.3, on + how.attack, how.decay);
  loud.gain.setTargetAtTime(0, letGo, how.release / 3);
  const ends = letGo + how.release * 2;
  const frequency = 440 * 2 ** ((note.pitch - A4) / 12);
  for (const cents of how.beside > 0 ? [-how.beside, how.beside] : [0]) {
    const tone = context.createOscillator();
    tone.type = how.wave;
    tone.frequency.value = frequency;
    tone.detune.value = cents;
    tone.connect(filter);
    tone.start(on);
    tone.stop(ends);
  }
  filter.connect(loud).connect(into);
  if (how.strike > 0) strike(context, into, on, how.strike * note.loud, note.pitch);
  return ends;
}

/** The hammer or finger that begins a note. */
function strike(context: BaseAudioContext, into: AudioNode, on: number, gain: number, pitch: number) {
  const source = context.createBufferSource();
  source.buffer = noise(context);
  const filter = context.createBiquadFilter();
  filter.type = 'bandpass';
  filter.frequency.value = STRIKE.frequency;
  filter.Q.value = STRIKE.narrow;
  const loud = context.createGain();
  loud.gain.setValueAtTime(gain, on);
  loud.gain.exponentialRampToValueAtTime(gain * 0.01, on + STRIKE.decay);
  source.connect(filter).connect(loud).connect(into);
  source.start(on, (pitch * 0.013) % 1, STRIKE.decay);
}

const noises = new WeakMap<BaseAudioContext, AudioBuffer>();

/** Two seconds of noise, the same every time. */
function noise(context: BaseAudioContext): AudioBuffer {
  const known = noises.get(context);
  if (known) return known;
  const buffer = context.createBuffer(1, context.sampleRate * 2, context.sampleRate);
  const samples = buffer.getChannelData(0);
  let seed = 20021;
  for (let i = 0; i < samples.length; i++) {
    seed = (seed * 1664525 + 1013904223) % 4294967296;
    samples[i] = seed / 2147483648 - 1;
  }
  noises.set(context, buffer);
  return buffer;
}
