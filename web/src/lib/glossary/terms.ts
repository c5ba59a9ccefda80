import type { Schemas } from '$lib/api/client';
import type { Column } from '$lib/figure/figure-editor.svelte';
import { NAMES } from '$lib/figure/spine/row-layout';

export type Term = Schemas['GlossaryTerm'];

/** The families of words, in the order in which they are shown. */
export const FAMILIES: Readonly<Record<string, string>> = {
  column: 'Columns of a chart',
  place: 'Where the foot goes',
  said: 'Said of a step besides',
  align: 'Which way in the room',
  turn: 'Turn',
  work: 'Footwork',
  rise: 'Rise and fall',
  cbm: 'Contra body movement',
  sway: 'Sway',
  body: 'Hips and body',
  bounce: 'Bounce',
  weight: 'Weight',
  position: 'Positions of the couple',
  hold: 'Holds',
  head: 'Head',
  count: 'Ways of counting',
  finding: 'Findings',
  purpose: 'Practice',
  detail: 'Remarks',
  level: 'Levels',
  chart: 'Charts and joins'
};

/** Columns in which words of other families stand than of the one called like them. */
const WORDS_OF: Readonly<Record<string, readonly string[]>> = { place: ['place', 'said'], hip: ['body'] };

/** The column whose cells are called so, such as "placement" in "Lady 7 placement"; none for another label. */
function columnOf(label: string): string | undefined {
  const called = label.trim().toLowerCase();
  return Object.entries(NAMES).find(([, name]) => called.endsWith(` ${name.toLowerCase()}`))?.[0];
}

/** What a term is called; a column as its cells are. */
export const titleOf = (term: Term) =>
  term.group === 'column' ? (NAMES[term.term as Column] ?? term.term) : term.term;

/** Shorter words mean something only in their own column. */
const LONG_ENOUGH = 3;

const quoted = (word: string) => word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** Whether a term stands in a text as a word of its own; signs of one or two letters as they are written. */
function standsIn(term: string, text: string): boolean {
  const flags = term.length < LONG_ENOUGH ? '' : 'i';
  return new RegExp(`(?<![\\p{L}\\p{N}])${quoted(term)}(?![\\p{L}\\p{N}])`, `u${flags}`).test(text);
}

/** Footwork is written letter by letter, as in "THT". */
const lettersOf = (text: string) => new Set(text.match(/WF|HR|TR|IE|OE|[HTBFP]/g) ?? []);

/**
 * The terms that a label speaks of, the ones of its own column first, a longer one before the words within it.
 *
 * @param label what a field or a heading is called, such as "Lady 7 placement"
 * @param text what stands in it
 */
export function spokenOf(terms: readonly Term[], label: string, text: string): Term[] {
  const column = columnOf(label);
  const families = column ? (WORDS_OF[column] ?? [column]) : [];
  const found = terms.filter((term) => {
    if (column && term.group === 'column') return term.term === column;
    if (column && !families.includes(term.group)) return false;
    if (column === 'work') return lettersOf(text).has(term.term);
    if (!column && term.term.length < LONG_ENOUGH) return false;
    return standsIn(term.term, column ? text : `${label} ${text}`);
  });
  const within = (term: Term) =>
    found.some((other) => other !== term && other.group === term.group && standsIn(term.term, other.term));
  return found.filter((term) => term.group === 'column' || !within(term));
}

/** The terms in which all words typed stand: in the term, its codes or what is said of it. */
export function searched(terms: readonly Term[], query: string): Term[] {
  const words = query.trim().toLowerCase().split(/\s+/).filter(Boolean);
  const rank = (term: Term) =>
    titleOf(term).toLowerCase() === query.trim().toLowerCase() || term.codes.includes(query.trim().toLowerCase())
      ? 0
      : 1;
  return terms
    .filter((term) => {
      const text = `${titleOf(term)} ${term.codes.join(' ')} ${term.says} ${FAMILIES[term.group] ?? ''}`.toLowerCase();
      return words.every((word) => text.includes(word));
    })
    .toSorted((a, b) => rank(a) - rank(b));
}
