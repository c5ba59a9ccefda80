import { Refusal } from './client';

const MOST_PLACES = 4;

/** What to say of a failure: the places in a text that it is about, or its sentence. */
export function words(error: unknown): string {
  const places = error instanceof Refusal ? error.problems.filter((problem) => problem.line > 0) : [];
  if (places.length === 0) return error instanceof Error ? error.message : String(error);
  return places
    .slice(0, MOST_PLACES)
    .map((problem) => `line ${problem.line}, column ${problem.column}: ${problem.message}`)
    .join(' ');
}
