/** For whom a remark is, from those who dance a figure for the first time on; the first is meant where nothing is said. */
export const DETAILS = ['first lesson', 'settled', 'advanced'] as const;

/** A level of detail as it is kept in a chart, where the first is left out. */
export function kept(detail: string): (typeof DETAILS)[number] | undefined {
  return DETAILS.slice(1).find((known) => known === detail);
}
