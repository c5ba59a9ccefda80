import { createContext } from 'svelte';

export type Theme = 'paper' | 'evening';
export type Wording = 'man-lady' | 'leader-follower';
/** The layers of a chart, in the order in which they are taught. */
export const LAYERS = ['turn', 'footwork', 'body', 'lead'] as const;
export type LayerName = (typeof LAYERS)[number];

/** What stands for the placeholders in the core's sentences. */
const WORDS: Record<Wording, Record<string, string>> = {
  'man-lady': { man: 'man', lady: 'lady', he: 'he', she: 'she', his: 'his', her: 'her' },
  'leader-follower': {
    man: 'leader',
    lady: 'follower',
    he: 'the leader',
    she: 'the follower',
    his: "the leader's",
    her: "the follower's"
  }
};

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
  /** How much of the remarks a sheet has; blank for all of them. */
  detail: string;
}

/** What one reader prefers on this device; kept in the browser, since it says nothing about figures. */
export class Settings {
  #stored = $state.raw<Stored>({
    theme: 'paper',
    wording: 'man-lady',
    dance: 'waltz',
    style: 'international',
    folded: [],
    count: '',
    list: 'starter',
    detail: ''
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
  get detail() {
    return this.#stored.detail;
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
    return WORDS[this.#stored.wording][role] ?? role;
  }

  /** The same with a capital, for headings and labels. */
  Role(role: string): string {
    const word = this.role(role);
    return word.charAt(0).toUpperCase() + word.slice(1);
  }

  /** A sentence of the server's, whose placeholders are filled with the roles as this reader says them. */
  say(told: string): string {
    // In unsaved work a remark may be missing or a number.
    const words = WORDS[this.#stored.wording];
    return String(told ?? '').replace(/\{([a-z]+)\}/gi, (all, key: string) => {
      const word = words[key.toLowerCase()];
      if (word === undefined) return all;
      return /^[A-Z]/.test(key) ? word.charAt(0).toUpperCase() + word.slice(1) : word;
    });
  }

  /**
   * What a chart says of itself. Shipped charts are written in the words of the technique and told over for a reader who says
   * leader and follower; what a coach has written stays as it was written.
   */
  tell(text: string | undefined, own: boolean): string {
    const written = String(text ?? '');
    if (own || this.#stored.wording === 'man-lady') return written;
    return this.say(written.replace(/\b(man|lady|he|she)\b/gi, '{$1}'));
  }
}

export const [getSettings, setSettings] = createContext<Settings>();
