import type { Row } from '$lib/api/client';

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
