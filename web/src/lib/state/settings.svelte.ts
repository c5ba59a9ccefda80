import { createContext } from 'svelte';

export type Theme = 'paper' | 'evening';
export type Wording = 'man-lady' | 'leader-follower';
/** The layers of a chart, in the order in which they are taught. */
export const LAYERS = ['turn', 'footwork', 'body', 'lead'] as const;
export type LayerName = (typeof LAYERS)[number];

const KEY = 'fluidframe.settings';

interface Stored {
  theme: Theme;
  wording: Wording;
  dance: string;
  style: string;
  /** Layers folded away; the feet always show. */
  folded: LayerName[];
  /** The language in which the counts are shown; blank for what the chart says. */
  count: string;
  /** Which list of levels the library is read by. */
  list: string;
}

/** What one reader prefers on this device; kept in the browser, since it says nothing about figures. */
export class Settings {
  #stored = $state.raw<Stored>({
    theme: 'paper',
    wording: 'man-lady',
    dance: 'waltz',
    style: 'international',
    folded: ['lead'],
    count: '',
    list: 'starter'
  });

  constructor() {
    try {
      this.#stored = { ...this.#stored, ...(JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Stored>) };
    } catch {
      localStorage.removeItem(KEY);
    }
  }

  get theme() {
    return this.#stored.theme;
  }
  get wording() {
    return this.#stored.wording;
  }
  get dance() {
    return this.#stored.dance;
  }

  get style() {
    return this.#stored.style;
  }
  get count() {
    return this.#stored.count;
  }
  get list() {
    return this.#stored.list;
  }

  shows(layer: LayerName): boolean {
    return !this.#stored.folded.includes(layer);
  }

  fold(layer: LayerName) {
    const folded = this.#stored.folded;
    this.prefer({ folded: folded.includes(layer) ? folded.filter((l) => l !== layer) : [...folded, layer] });
  }

  prefer(change: Partial<Stored>) {
    this.#stored = { ...this.#stored, ...change };
    localStorage.setItem(KEY, JSON.stringify(this.#stored));
  }

  /** The word for a role as this reader says it. */
  role(role: string): string {
    if (this.#stored.wording === 'man-lady') return role;
    return role === 'man' ? 'leader' : 'follower';
  }

  /** The same with a capital, for headings and labels. */
  Role(role: string): string {
    const word = this.role(role);
    return word.charAt(0).toUpperCase() + word.slice(1);
  }

  /** A sentence of the server's with the roles named as this reader says them. */
  say(sentence: string): string {
    // In unsaved work a remark may be missing or a number.
    const said = String(sentence ?? '');
    if (this.#stored.wording === 'man-lady') return said;
    return said
      .replace(/\bman\b/g, 'leader')
      .replace(/\blady\b/g, 'follower')
      .replace(/\b[Hh]e\b/g, (word) => (word === 'He' ? 'The leader' : 'the leader'))
      .replace(/\b[Ss]he\b/g, (word) => (word === 'She' ? 'The follower' : 'the follower'));
  }
}

export const [getSettings, setSettings] = createContext<Settings>();
