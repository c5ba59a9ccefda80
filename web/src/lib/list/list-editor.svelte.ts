import type { Schemas } from '$lib/api/client';
import { Editor } from '$lib/editing/editor.svelte';
import { byDance, levelsOf, moved, type Levels } from './levels';

/** One list of levels being edited. */
export class ListEditor {
  readonly id: string;
  readonly starter: boolean;
  readonly editor: Editor<'list'>;

  constructor(list: Schemas['ListView']) {
    this.id = list.id;
    this.starter = list.starter;
    this.editor = new Editor('list', list);
    if (!list.starter) void this.editor.recover();
  }

  get name() {
    return this.editor.state.name;
  }
  get note() {
    return this.editor.state.note ?? '';
  }
  get levels(): Levels {
    return levelsOf(this.editor.state);
  }

  levelOf(figure: string): string | null {
    return this.levels.find((level) => level.figures.includes(figure))?.name ?? null;
  }

  rename(name: string) {
    this.editor.describe({ name });
  }

  remark(note: string) {
    this.editor.describe({ note });
  }

  place(figure: string, level: string | null) {
    this.#levels(moved(this.levels, figure, level));
  }

  addLevel() {
    const taken = this.levels.map((level) => level.name);
    let number = this.levels.length + 1;
    while (taken.includes(`Level ${number}`)) number++;
    this.#levels([...this.levels, { name: `Level ${number}`, figures: [] }]);
  }

  renameLevel(index: number, name: string) {
    this.#levels(
      this.levels.map((level, i) => (i === index ? { ...level, name } : level)),
      `level ${index}`
    );
  }

  /** Its figures are on no level then. */
  removeLevel(index: number) {
    this.#levels(this.levels.filter((_, i) => i !== index));
  }

  moveLevel(index: number, by: number) {
    const levels = [...this.levels];
    const [level] = levels.splice(index, 1);
    if (level) levels.splice(index + by, 0, level);
    this.#levels(levels);
  }

  #levels(levels: Levels, group = '') {
    this.editor.describe({ levels: levels.map(byDance) }, group);
  }
}
