import type { Row } from '$lib/api/client';
import type { Column } from '$lib/figure/figure-editor.svelte';
import type { Settings } from '$lib/settings/settings.svelte';

/** What a cell is called in labels and to a screen reader. */
export const NAMES: Record<Column, string> = {
  count: 'count',
  foot: 'foot',
  place: 'placement',
  align: 'alignment',
  turn: 'turn',
  work: 'footwork',
  rise: 'rise',
  cbm: 'CBM',
  sway: 'sway',
  hip: 'hip',
  bounce: 'bounce',
  body: 'body',
  weight: 'weight',
  position: 'position',
  hold: 'hold',
  lead: 'lead',
  note: 'note',
  head: 'head',
  say: 'own word',
  detail: 'for whom'
};

/** Cells that are shown only where they say something, line by line; each line needs its layer. */
export const BODY_LINE: Column[] = ['hip', 'bounce', 'body', 'head'];
export const COUPLE_LINE: Column[] = ['position', 'hold', 'weight'];
export const LEAD_LINE: Column[] = ['lead', 'note', 'detail', 'say'];
/** Cells that hold a sentence. */
export const REMARKS: Column[] = ['lead', 'note'];

const LINE = 22;

/** How many letters stand on a line of half the spine. */
const LETTERS = 42;

/** How many lines the cells of one line take where they do not fit on it, each with its name before it. */
function wrapped(row: Row | undefined, columns: Column[]): number {
  const letters = columns
    .filter((column) => row?.[column])
    .reduce((sum, column) => sum + NAMES[column].length + String(row?.[column]).length + 3, 0);
  return Math.max(1, Math.ceil(letters / LETTERS));
}

/** The height in pixels that a row needs for the layers which are not folded away and for what it says of them. */
export function rowHeight(row: Row | undefined, settings: Pick<Settings, 'shows'>): number {
  const says = (columns: Column[]) => columns.some((column) => row?.[column] !== undefined && row[column] !== '');
  let lines = 1;
  if (settings.shows('turn')) lines++;
  if (settings.shows('footwork') || settings.shows('body')) lines++;
  if (settings.shows('body') && says(BODY_LINE)) lines += wrapped(row, BODY_LINE);
  if (says(COUPLE_LINE)) lines += wrapped(row, COUPLE_LINE);
  if (settings.shows('lead'))
    lines +=
      Math.ceil(String(row?.lead ?? '').length / 46) +
      Math.ceil(String(row?.note ?? '').length / 46) +
      (row?.say || row?.detail ? 1 : 0);
  if (row?.doubtful) lines++;
  return Math.max(46, 10 + lines * LINE);
}
