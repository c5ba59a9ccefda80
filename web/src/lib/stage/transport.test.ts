import { beforeEach, describe, expect, it } from 'vitest';
import { Timeline } from './timeline';
import { Transport } from './transport.svelte';

describe('beats and seconds', () => {
  const timeline = new Timeline([0, 1, 2, 2.5, 3]);

  it('go over into each other at every tempo, and on before and after', () => {
    for (const beat of [-3, -0.5, 0, 0.3, 1.9, 2, 2.5, 3.9, 7]) {
      expect(timeline.beat(timeline.seconds(beat))).toBeCloseTo(beat, 9);
    }
    expect(timeline.seconds(2.5)).toBe(2.25);
    expect(timeline.seconds(-2)).toBe(-2);
  });
});

describe('the transport', () => {
  let now = 0;
  let transport: Transport;
  beforeEach(() => {
    now = 100;
    transport = new Transport({ seconds: [0, 1, 2, 3, 4, 5, 6], begins: 0, end: 6, beatsPerBar: 3 }, () => now);
  });

  it('counts a bar in and then goes with the clock, slower if it is slower', () => {
    transport.play(1);
    expect(transport.beat).toBe(-3);
    now += 3;
    expect(transport.beat).toBe(0);
    transport.setRate(0.5);
    now += 4;
    expect(transport.beat).toBeCloseTo(2, 9);
    transport.pause();
    now += 10;
    expect(transport.beat).toBeCloseTo(2, 9);
  });

  it('goes round in a loop without a gap, also many rounds later', () => {
    transport.setLoop({ from: 1, to: 3 });
    transport.play(0);
    expect(transport.beat).toBe(1);
    now += 2.5;
    expect(transport.beat).toBeCloseTo(1.5, 9);
    now += 200;
    expect(transport.beat).toBeCloseTo(1.5, 9);
  });

  it('says when a beat will be danced, in a loop in the next round if it is past', () => {
    transport.setRate(0.5);
    transport.setLoop({ from: 0, to: 4 });
    transport.play(0);
    now += 4;
    expect(transport.beat).toBeCloseTo(2, 9);
    expect(transport.clockUntil(3, now)).toBeCloseTo(2, 9);
    expect(transport.clockUntil(1, now)).toBeCloseTo(6, 9);
  });

  it('stops at the end by itself and begins anew from there', () => {
    transport.play(0);
    now += 7;
    expect(transport.stopAtEnd()).toBe(true);
    expect(transport.beat).toBe(6);
    transport.play(0);
    expect(transport.beat).toBe(0);
  });

  it('keeps to what is danced and to tempos that can be', () => {
    transport.seek(99);
    expect(transport.beat).toBe(6);
    transport.seek(-99);
    expect(transport.beat).toBe(0);
    transport.setRate(9);
    expect(transport.rate).toBe(1.3);
    transport.setLoop({ from: 2, to: 2.1 });
    expect(transport.loop).toBeNull();
  });
});
