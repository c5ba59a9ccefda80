/** A day as its calendar says it, such as 2026-05-03, without a time that another zone could move. */
export const dayOf = (date: Date) =>
  `${date.getFullYear()}-${String(date.getMonth() + 1).padStart(2, '0')}-${String(date.getDate()).padStart(2, '0')}`;

/** So many days on. */
export function later(day: string, days: number): string {
  const [year, month, date] = day.split('-').map(Number);
  return dayOf(new Date(year!, month! - 1, date! + days));
}

/** The Monday of its week. */
export function mondayOf(day: string): string {
  const [year, month, date] = day.split('-').map(Number);
  return later(day, -((new Date(year!, month! - 1, date!).getDay() + 6) % 7));
}

const on = (day: string) => {
  const [year, month, date] = day.slice(0, 10).split('-').map(Number);
  return new Date(year!, month! - 1, date!);
};

/** "Fri 27 Nov". */
export const shortDay = (day: string) =>
  on(day).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });

/** "27 Nov 2026". */
export const longDay = (day: string) =>
  on(day).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

/** "18:30" of a time such as 2026-05-03T18:30. */
export const timeOf = (at: string) => at.slice(11, 16);

/** The day of an instant, here. */
export const dayHere = (instant: string) => dayOf(new Date(instant));

/** "in 19 days", "today", "3 days ago". */
export function away(days: number): string {
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days === -1) return 'yesterday';
  return days > 0 ? `in ${days} days` : `${-days} days ago`;
}
