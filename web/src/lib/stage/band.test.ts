import { beforeEach, describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/client';
import { bandPart } from './band';
import { follow, spoken } from './sound';
import { Transport } from './transport.svelte';

let now = 0;
/** What was begun, at which moments. */
let begun: { what: string; at: number }[] = [];
const param = () => ({
  value: 0,
  setValueAtTime: () => undefined,
  linearRampToValueAtTime: () => undefined,
  exponentialRampToValueAtTime: () => undefined,
  setTargetAtTime: () => undefined
});

function node(what: string) {
  return {
    connect: (to: unknown) => to,
    disconnect: () => undefined,
    gain: param(),
    frequency: param(),
    detune: param(),
    Q: param(),
    start: (at: number) => begun.push({ what, at }),
    stop: () => undefined
  };
}

const context = {
  sampleRate: 48000,
  currentTime: 0,
  createGain: () => node('gain'),
  createBiquadFilter: () => node('filter'),
  createOscillator: () => node('tone'),
  createBufferSource: () => node('noise'),
  createBuffer: (_: number, length: number) => ({ getChannelData: () => new Float32Array(Math.min(length, 16)) })
} as unknown as BaseAudioContext;

const bass = (beat: number, pitch: number) => ({ beat, length: 1, instrument: 'bass', pitch, loud: 1 });
const band: Schemas['DanceBand'] = {
  dance: 'waltz',
  beatsPerBar: 3,
  level: 0,
  phraseBeats: 6,
  endingBeats: 3,
  phrase: [bass(0, 40), bass(1.66, 41), bass(3, 42)],
  ending: [bass(0, 43), bass(2, 44)]
};

function transportOf(bars: number) {
  const beats = bars * 3;
  return new Transport(
    { seconds: Array.from({ length: beats + 1 }, (_, i) => i), begins: 0, end: beats, beatsPerBar: 3 },
    () => now
  );
}

function played(transport: Transport, until: number): number[] {
  const part = bandPart(context, {} as AudioNode, band, transport);
  const beats: number[] = [];
  follow(transport, part, 0, until, (at, beat, round) => {
    expect(part.sound(at, beat, round)).not.toBeNull();
    beats.push(Math.round(at * 100) / 100);
  });
  return beats;
}

beforeEach(() => {
  now = 0;
  begun = [];
});

describe('the band', () => {
  it('plays phrase after phrase and its ending last', () => {
    const transport = transportOf(5);
    transport.play(0);
    expect(played(transport, 20)).toEqual([0, 1.66, 3, 6, 7.66, 9, 12, 14]);
  });

  it('has no ending in a stretch too short for one', () => {
    const transport = transportOf(2);
    transport.play(0);
    expect(played(transport, 20)).toEqual([0, 1.66, 3]);
  });

  it('waits while the beats are counted in', () => {
    const transport = transportOf(2);
    transport.play(2);
    expect(played(transport, 20)).toEqual([6, 7.66, 9]);
  });

  it('goes on with its phrase through the rounds of a loop of one bar', () => {
    const transport = transportOf(2);
    transport.setLoop({ from: 0, to: 3 });
    transport.play(0);
    expect(played(transport, 11.9)).toEqual([0, 1.66, 3, 6, 7.66, 9]);
  });

  it('sounds at the moment it is ordered for, every note of it', () => {
    const transport = transportOf(2);
    const part = bandPart(
      context,
      {} as AudioNode,
      { ...band, phrase: [bass(0, 40), { ...bass(0, 0), instrument: 'snare' }] },
      transport
    );
    transport.play(0);
    part.sound(2.00001, 0, 0);
    expect(begun.map((one) => one.what).sort()).toEqual(['noise', 'noise', 'tone', 'tone']);
    for (const { at } of begun) expect(at).toBeCloseTo(2, 4);
  });

  it('is silent where there is nothing to play', () => {
    const transport = transportOf(2);
    const part = bandPart(context, {} as AudioNode, { ...band, phrase: [] }, transport);
    expect(part.next(0, 0)).toBeNull();
  });
});

describe('a count-in', () => {
  it('is spoken by the beats of the bar and leads to the beat on which the dancing begins', () => {
    const transport = transportOf(4);
    transport.seek(1);
    transport.play(1);
    const words: Record<string, readonly number[]> = {
      one: [0, 0.3, 0],
      two: [1, 0.3, 0],
      three: [2, 0.3, 0],
      slow: [3, 0.3, 0]
    };
    const starts: number[] = [];
    const speaking = {
      ...context,
      createBufferSource: () => ({ ...node('word'), start: (_: number, from: number) => starts.push(from) })
    } as unknown as BaseAudioContext;
    const cues = [
      { word: 'slow', beat: 0 },
      { word: 'slow', beat: 1 },
      { word: 'slow', beat: 3 }
    ];
    const said = spoken(speaking, {} as AudioNode, { buffer: {} as AudioBuffer, words }, cues, {
      words: ['one', 'two', 'three'],
      transport
    });
    follow(transport, said, 0, 5.5, (at, beat, round) => said.sound(at, beat, round));
    // Two, three, one; then the words of the rows from the beat on which it was to begin.
    expect(starts).toEqual([1, 2, 0, 3, 3]);
  });
});
