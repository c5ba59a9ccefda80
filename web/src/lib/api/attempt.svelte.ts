import { Refusal } from './client';

/** Something that can fail, and the reason of the last time it did. */
export class Attempt {
  #failed = $state('');

  /** Empty while nothing has failed. */
  get failed() {
    return this.#failed;
  }

  /** Does it; the reason of a failure is kept to be shown, with the places it is about. */
  async run(work: () => Promise<unknown>): Promise<boolean> {
    try {
      await work();
      this.#failed = '';
      return true;
    } catch (error) {
      this.#failed = sentence(error);
      return false;
    }
  }
}

const MOST_PLACES = 4;

/** What to say of a failure: the places it is about, or the sentence. */
function sentence(error: unknown): string {
  const places = error instanceof Refusal ? error.problems.filter((problem) => problem.line > 0) : [];
  if (places.length === 0) return error instanceof Error ? error.message : String(error);
  return places
    .slice(0, MOST_PLACES)
    .map((problem) => `line ${problem.line}, column ${problem.column}: ${problem.message}`)
    .join(' ');
}
