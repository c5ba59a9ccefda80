import { describe, expect, it } from 'vitest';
import type { FigureSummary } from '$lib/api/client';
import { grouped, moved, turns, UNLISTED } from './levels';

const figure = (id: string, more: Partial<FigureSummary> = {}) =>
  ({ id, name: id, beats: 3, turn: 'none', ladyTurn: 'none', broken: 0, doubtfulRows: 0, ...more }) as FigureSummary;
const levels = [
  { name: 'First', figures: ['b', 'a'] },
  { name: 'Second', figures: ['c'] }
];

describe('grouped', () => {
  it('keeps the order of the list and puts the rest last', () => {
    const groups = grouped([figure('a'), figure('x'), figure('b')], levels, 'as taught');
    expect(groups.map((g) => [g.level, g.figures.map((f) => f.id)])).toEqual([
      ['First', ['b', 'a']],
      [UNLISTED, ['x']]
    ]);
  });

  it('sorts within the levels', () => {
    const all = [figure('a', { beats: 6, turn: '3/4 R' }), figure('b', { beats: 3, turn: '1 1/4 R', doubtfulRows: 2 })];
    const ids = (order: 'length' | 'turn' | 'name' | 'least sure first') =>
      grouped(all, levels, order)[0]?.figures.map((f) => f.id);
    expect(ids('length')).toEqual(['b', 'a']);
    expect(ids('turn')).toEqual(['b', 'a']);
    expect(ids('name')).toEqual(['a', 'b']);
    expect(ids('least sure first')).toEqual(['b', 'a']);
  });
});

describe('moved', () => {
  it('puts a figure on another level and on none', () => {
    expect(moved(levels, 'a', 'Second').map((l) => l.figures)).toEqual([['b'], ['c', 'a']]);
    expect(moved(levels, 'c', null).map((l) => l.figures)).toEqual([['b', 'a'], []]);
  });
});

describe('turns', () => {
  const names = { role: (role: string) => role };

  it('tells both only where they differ', () => {
    expect(turns({ turn: '3/4 R', ladyTurn: '3/4 R' }, names)).toEqual(['3/4 R']);
    expect(turns({ turn: 'no turn', ladyTurn: '1 1/4 R' }, names)).toEqual(['man no turn', 'lady 1 1/4 R']);
    expect(turns({ turn: '', ladyTurn: '1 L' }, names)).toEqual(['lady 1 L']);
  });
});
