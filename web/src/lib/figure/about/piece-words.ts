import type { Chart, Problem } from '$lib/api/client';

/** What a coach calls the pieces of a chart outside its rows. */
const PIECES: Record<string, string> = {
  otherNames: 'Other names',
  cautions: 'Cautions',
  precedes: 'Customarily before it',
  follows: 'Customarily after it',
  faults: 'Usual faults',
  timings: 'Other timings',
  parts: 'Parts',
  repeats: 'Repeated steps',
  options: 'Options',
  variants: 'Variants',
  accepted: 'Accepted findings',
  start: 'The start',
  finish: 'The finish',
  total: 'The turn in all',
  level: 'Level'
};

/**
 * Where a problem is, with what stands there: `Options 2, “no-rise”`. Empty for the chart as a whole.
 *
 * @param chart the chart as it was typed, which the path leads into
 */
export function placeOf(problem: Problem, chart: Chart): string {
  const [, key = '', index = ''] = problem.path.split('/');
  const known = PIECES[key];
  if (!known)
    return key === 'man' || key === 'lady' ? `${key === 'man' ? '{Man}' : '{Lady}'} ${Number(index) + 1}` : '';
  if (!/^\d+$/.test(index)) return known;
  const piece = (chart as unknown as Record<string, unknown[] | undefined>)[key]?.[Number(index)];
  const text = naming(piece);
  return `${known} ${Number(index) + 1}${text === '' ? '' : `, “${text}”`}`;
}

/** The words by which a coach knows a line again. */
function naming(piece: unknown): string {
  if (typeof piece !== 'object' || piece === null) return piece === undefined ? '' : String(piece);
  const { id, name, steps, seen, rule } = piece as Record<string, unknown>;
  const first = [name, id, steps, seen, rule].find((value) => typeof value === 'string' && value !== '');
  return typeof first === 'string' ? first : '';
}
