// @vitest-environment jsdom
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Orders, spoken, type Part } from './sound';
import { Sounds, USUAL } from './sounds.svelte';
import { Transport } from './transport.svelte';

let now = 0;
let transport: Transport;
let ordered: { at: number; beat: number; taken: boolean }[] = [];
const context = {
  get currentTime() {
    return now;
  }
} as BaseAudioContext;

/** A part that sounds on the beats given and writes down what was ordered. */
function part(beats: number[]): Part {
  return {
    next: (beat) => beats.find((one) => one >= beat) ?? null,
    sound(at, beat) {
      const one = { at, beat, taken: false };
      ordered.push(one);
      return { stop: () => (one.taken = true), ends: at };
    }
  };
}

/** Lets the clock go on in small steps, ordering all the while as a timer does. */
function goOn(orders: Orders, seconds: number) {
  for (let until = now + seconds; now < until; now += 0.05) orders.order();
}

beforeEach(() => {
  now = 10;
  ordered = [];
  transport = new Transport({ seconds: [0, 1, 2, 3, 4, 5, 6], begins: 0, end: 6, beatsPerBar: 3 }, () => now);
});

describe('orders of sound', () => {
  it('order every beat once, when it is danced, and nothing after the end', () => {
    const orders = new Orders(context, transport, part([0, 1, 2, 3, 4, 5, 6, 7]));
    transport.play(0);
    goOn(orders, 8);
    expect(ordered.map((one) => one.beat)).toEqual([0, 1, 2, 3, 4, 5]);
    for (const { at, beat } of ordered) expect(at).toBeCloseTo(10 + beat, 9);
  });

  it('count a bar in before the first beat', () => {
    const orders = new Orders(context, transport, {
      ...part([]),
      next: (beat) => Math.ceil(beat),
      sound: part([]).sound
    });
    transport.play(1);
    goOn(orders, 4);
    expect(ordered.slice(0, 4).map((one) => one.beat + 3)).toEqual([0, 1, 2, 3]);
    expect(ordered[3]?.at).toBeCloseTo(13, 9);
  });

  it('go round with a loop without a gap and without a beat twice', () => {
    const orders = new Orders(context, transport, part([0, 1, 1.5, 2, 3, 4]));
    transport.setLoop({ from: 1, to: 3 });
    transport.play(0);
    goOn(orders, 6.3);
    expect(ordered.map((one) => one.beat)).toEqual([1, 1.5, 2, 1, 1.5, 2, 1, 1.5, 2, 1, 1.5]);
    ordered.forEach(({ at }, i) => expect(at).toBeCloseTo(10 + Math.floor(i / 3) * 2 + [0, 0.5, 1][i % 3]!, 9));
  });

  it('take back what no longer holds when the tempo changes', () => {
    const orders = new Orders(context, transport, part([0, 1, 2, 3, 4, 5]));
    transport.play(0);
    goOn(orders, 0.8);
    expect(ordered.at(-1)?.beat).toBe(1);
    transport.setRate(0.5);
    orders.order();
    expect(ordered.at(-1)?.taken).toBe(true);
    goOn(orders, 2);
    expect(ordered.filter((one) => one.beat === 1 && !one.taken)).toHaveLength(1);
  });
});

describe('a page that is hidden', () => {
  it('has its sounds ordered farther ahead, since its timers come once a second', () => {
    const orders = new Orders(context, transport, part([0, 1, 2, 3, 4, 5]));
    transport.play(0);
    orders.order();
    expect(ordered.map((one) => one.beat)).toEqual([0]);
    const hidden = vi.spyOn(document, 'hidden', 'get').mockReturnValue(true);
    orders.order();
    hidden.mockRestore();
    expect(ordered.map((one) => one.beat)).toEqual([0, 1, 2]);
  });
});

describe('the loudness kept', () => {
  it('is the usual one where what was kept is none', () => {
    for (const odd of ['{"click":"loud","voice":9,"who":"x"}', 'null', '[]', '{']) {
      localStorage.setItem('fluidframe.sound', odd);
      expect(new Sounds().loudness).toEqual(USUAL);
    }
    localStorage.setItem('fluidframe.sound', '{"click":0,"voice":1,"who":"high"}');
    expect(new Sounds().loudness).toEqual({ song: 1, band: 0.6, click: 0, voice: 1, who: 'high' });
  });
});

describe('a spoken count', () => {
  it('begins earlier by its attack, and within the word if that is past already', () => {
    const starts: number[][] = [];
    const source = {
      connect: () => undefined,
      disconnect: () => undefined,
      start: (...when: number[]) => starts.push(when)
    };
    const speaking = { currentTime: 10, createBufferSource: () => source } as unknown as BaseAudioContext;
    const voice = { buffer: {} as AudioBuffer, words: { two: [4, 0.3, 0.05] } };
    const says = spoken(speaking, {} as AudioNode, voice, [{ word: 'two', beat: 1 }]);
    expect(says.next(0.5, 0)).toBe(1);
    expect(says.next(1.5, 0)).toBeNull();
    says.sound(11, 1, 0);
    says.sound(10.02, 1, 0);
    expect(starts[0]?.[0]).toBeCloseTo(10.95, 9);
    expect(starts[0]?.[1]).toBeCloseTo(4, 9);
    expect(starts[1]?.[0]).toBeCloseTo(10, 9);
    expect(starts[1]?.[1]).toBeCloseTo(4.03, 9);
    expect(says.sound(9, 1, 0)).toBeNull();
  });
});
