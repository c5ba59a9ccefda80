import type { Settings } from '$lib/settings/settings.svelte';
import type { Column } from '$lib/figure/chart-rows';

/** What is read of a step besides its count, foot and placement, by the layers that show. */
export function readColumns(settings: Settings): Column[] {
  return [
    ...(settings.shows('turn') ? (['align', 'turn'] as Column[]) : []),
    ...(settings.shows('footwork') ? (['work'] as Column[]) : []),
    ...(settings.shows('body') ? (['rise', 'cbm', 'sway', 'hip', 'bounce', 'body', 'head'] as Column[]) : []),
    'weight',
    'position',
    'hold',
    ...(settings.shows('lead') ? (['lead', 'note'] as Column[]) : [])
  ];
}

/** The filled cells of a step as one line; where the cell alone does not say what it is of, its column is named. */
export function told(columns: Column[], cell: (column: Column) => string): string {
  return columns
    .map((column) => ({ column, text: cell(column) }))
    .filter(({ text }) => text !== '')
    .map(({ column, text }) => {
      if (column === 'cbm') return text === 'yes' ? 'CBM' : `CBM ${text}`;
      return column === 'sway' || column === 'head' ? `${column} ${text}` : text;
    })
    .join(' · ');
}
