import type { Schemas } from '$lib/api/client';

export type Question = Schemas['QuestionView'];

/** How an answer felt, in the order of the keys 1 to 4. */
export const GRADES = ['again', 'hard', 'good', 'easy'] as const;
export type Grade = (typeof GRADES)[number];

/** What was missed comes again after so many others, or at the end. */
const LATER = 4;

/** One sitting: which question stands, and what has been answered. */
export class Asking {
  #queue = $state.raw<Question[]>([]);
  /** How many have been answered, also those that came again. */
  answered = $state(0);
  missed = $state(0);

  constructor(questions: readonly Question[]) {
    this.#queue = [...questions];
  }

  get current(): Question | undefined {
    return this.#queue[0];
  }

  get left(): number {
    return this.#queue.length;
  }

  /** Goes on; what was missed is asked again in this sitting. */
  next(missed: boolean) {
    const [done, ...rest] = this.#queue;
    if (!done) return;
    this.answered++;
    if (missed) {
      this.missed++;
      rest.splice(LATER, 0, done);
    }
    this.#queue = rest;
  }
}
