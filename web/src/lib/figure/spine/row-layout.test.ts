import { describe, expect, it } from 'vitest';
import type { Row } from '$lib/api/client';
import { rowHeight } from './row-layout';

const row = (cells: Partial<Row>): Row => ({ count: '1', foot: 'L', place: 'forward', ...cells });
const showing = (...layers: string[]) => ({ shows: (layer: string) => layers.includes(layer) });

describe('the height of a row', () => {
  it('grows with the layers that are not folded away', () => {
    const feet = rowHeight(row({}), showing());
    const turn = rowHeight(row({}), showing('turn', 'footwork'));
    const all = rowHeight(row({ hip: 'settle L', lead: 'now' }), showing('turn', 'footwork', 'body', 'lead'));
    expect(feet).toBe(46);
    expect(turn).toBeGreaterThan(feet);
    expect(all).toBeGreaterThan(turn);
  });

  it('grows with cells that do not fit on one line', () => {
    const one = rowHeight(row({ hip: 'settle L' }), showing('body'));
    const many = rowHeight(
      row({ hip: 'settle L on 2, rotate L & before 3', body: 'shape R half at end', head: 'to partner, L on 3' }),
      showing('body')
    );
    expect(many).toBeGreaterThan(one + 22);
  });

  it('spends no room on lines that the row does not use', () => {
    const plain = rowHeight(row({}), showing('turn'));
    expect(rowHeight(row({ position: 'fan' }), showing('turn'))).toBeGreaterThan(plain);
    expect(rowHeight(row({ hip: 'settle L' }), showing('turn'))).toBe(plain);
    expect(rowHeight(undefined, showing('turn'))).toBe(plain);
  });
});
