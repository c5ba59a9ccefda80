/** "27 Nov 2026, 14:05" of an instant. */
export const when = (instant: string) =>
  new Date(instant).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

const UNITS = ['bytes', 'kB', 'MB', 'GB'];

/** "3.8 MB" of a number of bytes. */
export function size(bytes: number): string {
  let unit = 0;
  let amount = bytes;
  while (amount >= 1000 && unit < UNITS.length - 1) {
    amount /= 1000;
    unit += 1;
  }
  return `${unit === 0 || amount >= 100 ? Math.round(amount) : amount.toFixed(1)} ${UNITS[unit]}`;
}
