import { describe, expect, it } from 'vitest';
import type { Chart } from '$lib/api/client';
import { fromLines, toLines } from './about-lines';

const chart = {
  format: 'fluidframe/figure@1',
  id: 'cha-cha.x',
  dance: 'cha-cha',
  name: 'X',
  timings: [{ id: 'guapacha', man: '2.3 & 4 & 1', lady: '2.3 & 4 & 1' }],
  parts: [{ steps: '1-3', finish: { outside: true } }],
  repeats: [{ steps: '1-5', least: 1, most: 6, mirrored: true }],
  options: [
    {
      id: 'newer',
      name: 'Newer shaping',
      says: 'More of it.',
      edits: [{ role: 'man', step: 2, key: 'body', text: 'shape R at end' }]
    },
    { id: 'high', name: 'High arm', says: 'Above the head.', choice: 'arm', edits: [] }
  ]
} as Chart;

describe('lists of a chart as lines', () => {
  it('reads back what it writes', () => {
    for (const key of ['timings', 'parts', 'repeats', 'options'] as const) {
      expect(fromLines(key, toLines(key, chart).join('\n'), chart)).toEqual({ [key]: chart[key] });
    }
  });

  it('takes one rhythm for both roles', () => {
    expect(fromLines('timings', 'B: S Q Q', chart).timings).toEqual([{ id: 'B', man: 'S Q Q', lady: 'S Q Q' }]);
  });

  it('empties a list', () => {
    expect(fromLines('parts', ' \n', chart)).toEqual({ parts: [] });
  });
});
