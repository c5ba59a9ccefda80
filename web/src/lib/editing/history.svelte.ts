const MOST_STEPS = 200;

/** Every state of a thing being edited, for undo and redo. Changes in the same group in a row are one step. */
export class History<T> {
  #past = $state.raw<T[]>([]);
  #future = $state.raw<T[]>([]);
  #group = '';

  get canUndo() {
    return this.#past.length > 0;
  }
  get canRedo() {
    return this.#future.length > 0;
  }

  /** Remembers what stood before a change. An empty group is always a step of its own. */
  push(before: T, group = '') {
    this.#future = [];
    if (group !== '' && group === this.#group) return;
    this.#group = group;
    this.#past = [...this.#past.slice(1 - MOST_STEPS), before];
  }

  /** Ends the current group, so that the next change is a new step. */
  settle() {
    this.#group = '';
  }

  undo(now: T): T {
    const before = this.#past.at(-1);
    this.settle();
    if (before === undefined) return now;
    this.#past = this.#past.slice(0, -1);
    this.#future = [...this.#future, now];
    return before;
  }

  redo(now: T): T {
    const after = this.#future.at(-1);
    this.settle();
    if (after === undefined) return now;
    this.#future = this.#future.slice(0, -1);
    this.#past = [...this.#past, now];
    return after;
  }
}
