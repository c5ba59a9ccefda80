/** Every state of a thing being edited, for undo and redo. Changes in the same group within a short time are one step. */
export class History<T> {
  #past: T[] = [];
  #future: T[] = [];
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
    this.#past = [...this.#past.slice(-199), before];
  }

  /** Ends the current group, so that the next change is a new step. */
  settle() {
    this.#group = '';
  }

  undo(now: T): T {
    return this.#move(this.#past, this.#future, now);
  }

  redo(now: T): T {
    return this.#move(this.#future, this.#past, now);
  }

  #move(from: T[], to: T[], now: T): T {
    this.settle();
    const state = from.pop();
    if (state === undefined) return now;
    to.push(now);
    return state;
  }
}
