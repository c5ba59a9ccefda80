import type { Chart, RoleName, Row } from '$lib/api/client';

export type Column = Exclude<keyof Row, 'doubtful'>;

/** A new row to be filled: counted on and on the other foot. */
export function rowAfter(before: Row | undefined): Row {
  return { count: before?.count ?? '1', foot: before?.foot === 'R' ? 'L' : 'R', place: 'forward' };
}

/** The row with another text in one cell; a blank cell is left out, unless every row must have it. */
export function withCell(row: Row, column: Column, text: string): Row {
  const next: Record<string, unknown> = { ...row };
  const required = column === 'count' || column === 'foot' || column === 'place';
  if (text === '' && !required) delete next[column];
  else next[column] = text;
  return next as Row;
}

/** The chart with other values besides its rows; what is blank or empty is left out. */
export function withPatch(chart: Chart, patch: Partial<Chart>): Chart {
  const next: Record<string, unknown> = { ...chart, ...patch };
  for (const key of Object.keys(patch)) {
    const value = next[key];
    if (value === undefined || value === '' || (Array.isArray(value) && value.length === 0)) delete next[key];
  }
  return next as Chart;
}

/** An acceptance as the format writes it; the figure as a whole has neither role nor step. */
export function acceptance(rule: string, role: string | undefined, step: number, reason: string) {
  return { rule, reason, ...(role ? { role: role as RoleName } : {}), ...(step > 0 ? { step } : {}) };
}
