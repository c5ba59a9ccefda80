import { Refusal } from '$lib/api/client';
import { History } from './history';

const SAVE_AFTER = 500;

/** Keeps a state under the version it was begun from and answers the new version. */
export type Keep<T> = (expectedVersion: number, state: T) => Promise<{ version: number }>;

/**
 * Something described field by field, kept by itself as it changes, with undo and redo. What the server refuses stays on the
 * page with the reason, and is tried again with the next change.
 */
export class KeptEditor<T> {
  #keep: Keep<T>;
  #version: number;
  #state = $state.raw<T>() as T;
  #message = $state('');
  #refused = $state(false);
  #steps = $state({ undo: false, redo: false });
  #history = new History<T>();
  #timer: ReturnType<typeof setTimeout> | undefined;
  #saving = false;

  constructor(version: number, state: T, keep: Keep<T>) {
    this.#version = version;
    this.#state = state;
    this.#keep = keep;
  }

  get state() {
    return this.#state;
  }
  get message() {
    return this.#message;
  }
  get refused() {
    return this.#refused;
  }
  get canUndo() {
    return this.#steps.undo;
  }
  get canRedo() {
    return this.#steps.redo;
  }

  /** Changes to the same field in a row are one step back. */
  describe(change: Partial<T>, group = Object.keys(change).join()) {
    this.#history.push(this.#state, group);
    this.#replace({ ...this.#state, ...change });
  }

  undo() {
    this.#replace(this.#history.undo(this.#state));
  }

  redo() {
    this.#replace(this.#history.redo(this.#state));
  }

  /** Keeps at once; used when leaving. */
  async flush() {
    if (this.#timer === undefined) return;
    clearTimeout(this.#timer);
    await this.#save();
  }

  #replace(next: T) {
    this.#state = next;
    this.#steps = { undo: this.#history.canUndo, redo: this.#history.canRedo };
    this.#message = 'Not kept yet.';
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.#save(), SAVE_AFTER);
  }

  async #save() {
    this.#timer = undefined;
    if (this.#saving) {
      this.#timer = setTimeout(() => void this.#save(), SAVE_AFTER);
      return;
    }
    this.#saving = true;
    const sent = this.#state;
    try {
      this.#version = (await this.#keep(this.#version, sent)).version;
      this.#refused = false;
      if (this.#state === sent) this.#message = 'Kept.';
    } catch (error) {
      this.#refused = true;
      const stale = error instanceof Refusal && error.status === 409;
      const reason = error instanceof Error ? error.message : String(error);
      this.#message = stale ? `${reason} Load the page anew to see it.` : reason;
    } finally {
      this.#saving = false;
    }
  }
}
