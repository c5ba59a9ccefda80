import { describe, expect, it } from 'vitest';
import type { Chart, Row } from '$lib/api/client';
import { asVariant } from './variant';

const row = (count: string, place: string): Row => ({ count, foot: 'L', place });
const chart = (man: Row[], lady: Row[]) =>
  ({ format: 'fluidframe/figure@1', id: 'x', dance: 'waltz', name: 'X', man, lady }) as Chart;
const before = chart(
  [row('1', 'a'), row('2', 'b'), row('3', 'c')],
  [row('1', 'a'), row('2', 'b'), row('&', 'd'), row('3', 'c')]
);

describe('rows kept as a variant', () => {
  it('begins at the first row of the man that differs, with the lady from that beat', () => {
    const now = chart([row('1', 'a'), row('2', 'z'), row('3', 'c')], before.lady ?? []);
    const variant = asVariant(before, now, 'Under turned!', [0, 1, 2], [0, 1, 1.5, 2]);
    expect(variant).toMatchObject({ id: 'under-turned', name: 'Under turned!', keep: 1 });
    expect(variant?.man).toHaveLength(2);
    expect(variant?.lady.map((r) => r.count)).toEqual(['2', '&', '3']);
  });

  it('goes back to the beat of the lady where only she differs', () => {
    const now = chart(before.man ?? [], [row('1', 'a'), row('2', 'b'), row('&', 'y'), row('3', 'c')]);
    expect(asVariant(before, now, 'Hers', [0, 1, 2], [0, 1, 1.5, 2])).toMatchObject({ keep: 1 });
  });

  it('is nothing where nothing differs', () => {
    expect(asVariant(before, before, 'Same', [0, 1, 2], [0, 1, 1.5, 2])).toBeNull();
  });
});
