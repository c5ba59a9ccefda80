import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/client';
import { Dancer } from './dancer';
import { Sketch } from './figures';
import { Turning } from './turning';

/** Turns by sixteenths between two beats at an even pace. */
function turner(sixteenths: number, from: number, to: number) {
  const slope = sixteenths / (to - from);
  const build = {
    thigh: 0.44,
    shank: 0.44,
    ankle: 0.08,
    halfHips: 0.09,
    torso: 0.52,
    halfShoulders: 0.2,
    arm: 0.7,
    shoe: 0.28
  };
  const curves = { body: [from, 0, slope, to, sixteenths, slope], height: [0, 0.9, 0] };
  const view = { role: 'lady', height: 1.66, build, hands: [], curves } as unknown as Schemas['DancerView'];
  return new Dancer(view);
}

describe('a turn', () => {
  it('is told in degrees to the right, and the beat of each is found again', () => {
    const turning = new Turning(turner(6, 1, 2), 1, 2);
    expect(turning.whole).toBeCloseTo(135, 6);
    expect(turning.at(1.5)).toBeCloseTo(67.5, 6);
    for (const degrees of [0, 1, 45, 100, 134]) {
      expect(turning.at(turning.beatOf(degrees))).toBeCloseTo(degrees, 2);
    }
    expect(turning.beatOf(180)).toBe(2);
  });

  it('to the left goes by its own degrees', () => {
    const turning = new Turning(turner(-4, 0, 1), 0, 1);
    expect(turning.whole).toBeCloseTo(-90, 6);
    expect(turning.at(turning.beatOf(45))).toBeCloseTo(-45, 2);
  });
});

describe('a sketch', () => {
  it('draws every part with numbers, and what is nearer to the eye after what is farther', () => {
    const dancer = turner(4, 0, 1);
    dancer.pose(0.5);
    const shapes = new Sketch(dancer).shapes(0, { x: 0, y: 0 });
    expect(shapes.length).toBeGreaterThan(12);
    for (const shape of shapes) expect(shape.d).not.toMatch(/NaN|Infinity|undefined/);
    const tints = new Set(shapes.map((shape) => shape.tint));
    expect([...tints].sort()).toEqual(['cloth', 'hair', 'shoe', 'skin']);
  });
});
