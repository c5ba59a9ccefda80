import { describe, expect, it } from 'vitest';
import { begins, clock, desk, opens, sum, type Item } from './stages';

const items: Item[] = [
  { stage: 'footwork', kind: 'figure', id: 'waltz.whisk', name: 'Whisk', row: 3, minutes: 12 },
  { stage: 'recap', minutes: 3 }
];

describe('the parts of a lesson', () => {
  it('begin one after the other and add up', () => {
    expect(begins(items)).toEqual([0, 12]);
    expect(sum(items)).toBe(15);
    expect(begins([])).toEqual([]);
  });

  it('open where they are worked on, at their row, for those they are with', () => {
    expect(opens(items[0]!, 'ines', 'l1')).toBe('/rehearse?figure=waltz.whisk&whom=ines&lesson=l1&row=3&role=man');
    expect(desk(items[0]!)).toBe('/figures/waltz.whisk?row=3&role=man');
    expect(desk({ ...items[0]!, role: 'lady' })).toBe('/figures/waltz.whisk?row=3&role=lady');
    expect(desk({ ...items[0]!, kind: 'routine', id: 'r' })).toBe('/routines/r');
    expect(opens(items[1]!, 'ines', 'l1')).toBe('');
  });

  it('are told by the clock, also when their time is over', () => {
    expect(clock(754)).toBe('12:34');
    expect(clock(9)).toBe('0:09');
    expect(clock(-61)).toBe('+1:01');
    expect(clock(0)).toBe('0:00');
  });
});
