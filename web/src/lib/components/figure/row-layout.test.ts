import { describe, expect, it } from 'vitest';
import type { Chart } from '$lib/api/client';
import { rowHeight } from './row-layout';

const chart = (row: Record<string, string>) =>
  ({
    format: 'fluidframe/figure@1',
    id: 'x',
    dance: 'waltz',
    name: 'X',
    man: [{ count: '1', foot: 'L', place: 'forward', ...row }]
  }) as Chart;
const showing = (...layers: string[]) => ({ shows: (layer: string) => layers.includes(layer) });

describe('the height of a row', () => {
  it('grows with the layers that are not folded away', () => {
    const feet = rowHeight(chart({}), showing());
    const turn = rowHeight(chart({}), showing('turn', 'footwork'));
    const all = rowHeight(chart({ hip: 'settle L', lead: 'now' }), showing('turn', 'footwork', 'body', 'lead'));
    expect(feet).toBe(46);
    expect(turn).toBeGreaterThan(feet);
    expect(all).toBeGreaterThan(turn);
  });

  it('spends no room on lines that no row uses', () => {
    expect(rowHeight(chart({ position: 'fan' }), showing('turn'))).toBeGreaterThan(
      rowHeight(chart({}), showing('turn'))
    );
    expect(rowHeight(chart({}), showing('turn', 'body'))).toBe(rowHeight(chart({}), showing('turn', 'footwork')));
  });
});
