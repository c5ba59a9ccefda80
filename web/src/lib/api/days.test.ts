import { describe, expect, it } from 'vitest';
import { away, dayHere, daysBetween, later, mondayOf, shortDay, timeOf } from './days';

describe('days', () => {
  it('are counted by the calendar, over months, leap days and the change of the clock', () => {
    expect(later('2026-12-31', 1)).toBe('2027-01-01');
    expect(later('2028-02-28', 1)).toBe('2028-02-29');
    expect(later('2026-03-28', 2)).toBe('2026-03-30');
    expect(later('2026-11-01', -1)).toBe('2026-10-31');
    expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2);
    expect(daysBetween('2026-11-27', '2026-11-20')).toBe(-7);
    expect(dayHere(new Date(2026, 4, 3, 23, 59).toISOString())).toBe('2026-05-03');
  });

  it('belong to the week of the Monday before them', () => {
    expect(mondayOf('2026-11-27')).toBe('2026-11-23');
    expect(mondayOf('2026-11-23')).toBe('2026-11-23');
    expect(mondayOf('2026-11-29')).toBe('2026-11-23');
  });

  it('are said as people say them', () => {
    expect(shortDay('2026-11-27')).toMatch(/Fri.*27 Nov/);
    expect(timeOf('2026-11-27T18:30')).toBe('18:30');
    expect([0, 1, -1, 19, -3].map(away)).toEqual(['today', 'tomorrow', 'yesterday', 'in 19 days', '3 days ago']);
  });
});
