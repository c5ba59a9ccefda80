import { expect, it } from 'vitest';
import { cellSize, layOut, type DanceMap } from './map-layout';

const map: DanceMap = {
  beginnings: [
    { position: 'closed', manFree: 'RF', figures: ['a', 'b'] },
    { position: 'promenade', manFree: 'LF', figures: ['c'] }
  ],
  endings: [
    { position: 'promenade', manFree: 'LF', figures: ['b'] },
    { position: 'closed', manFree: 'RF', figures: ['a', 'c'] }
  ],
  cells: [
    { before: 'a', after: 'b', verdict: 'yes', customary: true, otherwise: false },
    { before: 'b', after: 'c', verdict: 'yes-if', customary: false, otherwise: false }
  ],
  names: { a: 'A', b: 'B', c: 'C' }
};

it('places every figure once a side, by its band', () => {
  const all = layOut(map, () => true);
  expect([...all.columnOf]).toEqual([
    ['a', 0],
    ['b', 1],
    ['c', 2]
  ]);
  expect([...all.rowOf]).toEqual([
    ['b', 0],
    ['a', 1],
    ['c', 2]
  ]);
  expect(all.rows[1]).toEqual({ words: 'closed, RF free', at: 1, figures: ['a', 'c'] });
});

it('drops figures that are not shown, their cells and empty bands', () => {
  const some = layOut(map, (id) => id !== 'c');
  expect(some.columns).toHaveLength(1);
  expect(some.cells).toHaveLength(1);
  expect(some.rowOf.get('a')).toBe(1);
});

it('draws sixty figures small enough to fit', () => {
  expect(cellSize(60) * 60).toBeLessThanOrEqual(560);
  expect(cellSize(5)).toBe(17);
});
