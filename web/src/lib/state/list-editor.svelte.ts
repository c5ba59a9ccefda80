import { api, need, Refusal, type Schemas } from '$lib/api/client';
import { History } from './history';
import { moved, type Levels } from './levels';

interface Content {
  name: string;
  note: string;
  levels: Levels;
}

const PAUSE = 400;

/** One list of levels being edited: every change can be taken back, and is kept after a moment of rest. */
export class ListEditor {
  readonly id: string;
  readonly starter: boolean;
  #content = $state.raw<Content>({ name: '', note: '', levels: [] });
  #history = new History<Content>();
  #steps = $state(0);
  #version: number;
  #timer: ReturnType<typeof setTimeout> | undefined;
  #saving: Promise<void> = Promise.resolve();
  state = $state<'kept' | 'changed' | 'failed'>('kept');
  message = $state('');

  constructor(list: Schemas['ListView']) {
    this.id = list.id;
    this.starter = list.starter;
    this.#version = list.version;
    this.#content = { name: list.name, note: list.note, levels: list.levels };
  }

  get name() {
    return this.#content.name;
  }
  get note() {
    return this.#content.note;
  }
  get levels() {
    return this.#content.levels;
  }
  get canUndo() {
    return this.#steps >= 0 && this.#history.canUndo;
  }
  get canRedo() {
    return this.#steps >= 0 && this.#history.canRedo;
  }

  levelOf(figure: string): string | null {
    return this.levels.find((level) => level.figures.includes(figure))?.name ?? null;
  }

  rename(name: string) {
    this.#change({ name }, 'name');
  }

  remark(note: string) {
    this.#change({ note }, 'note');
  }

  place(figure: string, level: string | null) {
    this.#change({ levels: moved(this.levels, figure, level) });
  }

  addLevel() {
    const taken = this.levels.map((level) => level.name);
    let number = this.levels.length + 1;
    while (taken.includes(`Level ${number}`)) number++;
    this.#change({ levels: [...this.levels, { name: `Level ${number}`, figures: [] }] });
  }

  renameLevel(index: number, name: string) {
    this.#change(
      { levels: this.levels.map((level, i) => (i === index ? { ...level, name } : level)) },
      `level ${index}`
    );
  }

  /** Its figures are on no level then. */
  removeLevel(index: number) {
    this.#change({ levels: this.levels.filter((_, i) => i !== index) });
  }

  moveLevel(index: number, by: number) {
    const levels = [...this.levels];
    const [level] = levels.splice(index, 1);
    if (level) levels.splice(index + by, 0, level);
    this.#change({ levels });
  }

  undo() {
    this.#content = this.#history.undo(this.#content);
    this.#touched();
  }

  redo() {
    this.#content = this.#history.redo(this.#content);
    this.#touched();
  }

  #change(patch: Partial<Content>, group = '') {
    this.#history.push(this.#content, group);
    this.#content = { ...this.#content, ...patch };
    this.#touched();
  }

  #touched() {
    this.#steps++;
    this.state = 'changed';
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.keep(), PAUSE);
  }

  /** Saves what has changed; what cannot be saved stays on the page with the reason. */
  keep(): Promise<void> {
    clearTimeout(this.#timer);
    if (this.state === 'kept') return this.#saving;
    this.#saving = this.#saving.then(() => this.#save());
    return this.#saving;
  }

  async #save() {
    const content = this.#content;
    try {
      const saved = await need(
        api.PUT('/api/lists/{id}', {
          params: { path: { id: this.id } },
          body: { expectedVersion: this.#version, ...content }
        })
      );
      this.#version = saved.version;
      this.message = '';
      if (content === this.#content) this.state = 'kept';
    } catch (error) {
      this.state = 'failed';
      this.message = error instanceof Refusal ? error.message : String(error);
    }
  }
}
