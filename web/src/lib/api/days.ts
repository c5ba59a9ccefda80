import {
  getLocalTimeZone,
  parseAbsolute,
  parseDate,
  parseDateTime,
  startOfWeek,
  toCalendarDate,
  today,
  toZoned
} from '@internationalized/date';

/** Today as its calendar says it, such as 2026-05-03. */
export const todayHere = () => today(getLocalTimeZone()).toString();

/** So many days on. */
export const later = (day: string, days: number) => parseDate(day).add({ days }).toString();

/** The Monday of its week. */
export const mondayOf = (day: string) => startOfWeek(parseDate(day), 'en-GB').toString();

const on = (day: string) => parseDate(day.slice(0, 10)).toDate(getLocalTimeZone());

/** "Fri 27 Nov". */
export const shortDay = (day: string) =>
  on(day).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });

/** "27 Nov 2026". */
export const longDay = (day: string) =>
  on(day).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

/** "18:30" of a time such as 2026-05-03T18:30. */
export const timeOf = (at: string) => at.slice(11, 16);

/** The day of an instant, here. */
export const dayHere = (instant: string) => toCalendarDate(parseAbsolute(instant, getLocalTimeZone())).toString();

/** Noon of a day here, as an instant. */
export const noonOf = (day: string) => toZoned(parseDateTime(`${day}T12:00`), getLocalTimeZone()).toAbsoluteString();

/** How many days one is after the other. */
export const daysBetween = (from: string, to: string) => parseDate(to).compare(parseDate(from));

/** "in 19 days", "today", "3 days ago". */
export function away(days: number): string {
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days === -1) return 'yesterday';
  return days > 0 ? `in ${days} days` : `${-days} days ago`;
}
