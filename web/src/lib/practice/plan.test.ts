import { describe, expect, it } from 'vitest';
import { dayMarked, ladderOf, marked, mattersOf, minutesOf, opens, unsaid, type Day, type Part } from './plan';

const spin: Part = {
  purpose: 'weak',
  kind: 'figure',
  id: 'waltz.natural-spin-turn',
  name: 'Natural Spin Turn',
  row: 5,
  role: 'lady',
  minutes: 10,
  from: 24,
  to: 26.5,
  why: 'late'
};
const warm: Part = { purpose: 'warm up', minutes: 5, why: 'first' };
const days: Day[] = [
  { date: '2026-03-02', parts: [warm, spin] },
  { date: '2026-03-03', parts: [] },
  { date: '2026-03-04', parts: [warm, spin, { ...spin, kind: 'routine', id: 'waltz', purpose: 'run' }] }
];

describe('a plan of practice in the page', () => {
  it('opens the stage with tempos, row and the way back', () => {
    expect(opens(spin, 'ines', 'p1', '2026-03-02')).toBe(
      '/rehearse?figure=waltz.natural-spin-turn&whom=ines&practice=p1&day=2026-03-02&ladder=24-26.5&row=5&role=lady'
    );
    expect(opens({ ...spin, kind: 'drill', id: 'swivels' }, 'ines', 'p1', '2026-03-02')).toBe('/drills/swivels');
    expect(opens(warm, 'ines', 'p1', '2026-03-02')).toBe('');
  });

  it('says a ladder, one tempo, or nothing', () => {
    expect(ladderOf(spin)).toBe('24 to 26.5');
    expect(ladderOf({ ...spin, from: 29, to: 29 })).toBe('29');
    expect(ladderOf(warm)).toBe('');
  });

  it('marks one part, and all work of a day but not its rest', () => {
    const one = marked(days, '2026-03-04', 2, 'done');
    expect(one[2]?.parts.map((part) => part.state)).toEqual([undefined, undefined, 'done']);
    expect(one[0]).toBe(days[0]);
    expect(dayMarked(days, '2026-03-04', 'missed')[2]?.parts.map((part) => part.state)).toEqual([
      undefined,
      'missed',
      'missed'
    ]);
  });

  it('knows days of which nothing was said, but not days of rest', () => {
    expect(unsaid(days, '2026-03-04').map((day) => day.date)).toEqual(['2026-03-02']);
    expect(unsaid(dayMarked(days, '2026-03-02', 'missed'), '2026-03-04')).toEqual([]);
    expect(unsaid(days, '2026-03-02')).toEqual([]);
  });

  it('names a routine before its figures, and adds up the minutes', () => {
    expect(mattersOf(days).map((matter) => matter.key)).toEqual(['routine:waltz', 'figure:waltz.natural-spin-turn']);
    expect(days.map(minutesOf)).toEqual([15, 0, 25]);
  });
});
