import type { Settings } from '$lib/settings/settings.svelte';

/** From where the couple is seen, in the order of the keys 1 to 7, as this reader calls it. */
export const VIEW_NAMES = [
  { id: 'above', word: () => 'Above' },
  { id: 'front', word: () => 'Front' },
  { id: 'man', word: (s: Settings) => `Behind ${s.role('man')}` },
  { id: 'lady', word: (s: Settings) => `Behind ${s.role('lady')}` },
  { id: 'line', word: () => 'Along' },
  { id: 'wall', word: () => 'Wall' },
  { id: 'feet', word: () => 'Feet' }
] as const;
export type View = (typeof VIEW_NAMES)[number]['id'];
