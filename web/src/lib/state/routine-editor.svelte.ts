import { createContext } from 'svelte';
import { api, need, Refusal, type Placed, type RoutineDraft, type RoutineWork, type Schemas } from '$lib/api/client';
import { History } from './history';

const SAVE_AFTER = 500;

/** One routine being composed: its figures, what the server makes of them, undo and redo, kept as it changes. */
export class RoutineEditor {
  readonly id: string;
  #version: number;
  #routine = $state.raw<RoutineDraft>() as RoutineDraft;
  #work = $state.raw<RoutineWork | null>(null);
  #selected = $state(-1);
  #message = $state('');
  #stale = $state.raw<Refusal | null>(null);
  #steps = $state({ undo: false, redo: false });
  #saving = $state(false);
  #history = new History<RoutineDraft>();
  #asked = 0;
  #timer: ReturnType<typeof setTimeout> | undefined;

  constructor(view: Schemas['RoutineView']) {
    this.id = view.id;
    this.#version = view.version;
    this.#routine = view.routine;
    this.#selected = view.routine.figures.length - 1;
    void this.#recompute();
  }

  get routine() {
    return this.#routine;
  }
  get work() {
    return this.#work;
  }
  /** The figure selected, from 0; -1 before the first. */
  get selected() {
    return this.#selected;
  }
  get message() {
    return this.#message;
  }
  get stale() {
    return this.#stale;
  }
  get saving() {
    return this.#saving;
  }
  get canUndo() {
    return this.#steps.undo;
  }
  get canRedo() {
    return this.#steps.redo;
  }

  select(index: number) {
    const to = Math.max(-1, Math.min(index, this.#routine.figures.length - 1));
    if (to === this.#selected) return;
    this.#selected = to;
    void this.#recompute();
  }

  /** Puts a figure after the selected one; a join that needs an adjustment gets it along. */
  insertAfterSelected(figure: Placed, adjustment?: Schemas['AdjustmentView']) {
    const at = this.#selected + 1;
    const figures = [...this.#routine.figures];
    const before = figures[at - 1];
    if (adjustment && before) figures[at - 1] = { ...before, lastTurn: before.lastTurn + adjustment.lastTurn };
    figures.splice(at, 0, { ...figure, corner: adjustment?.corner ?? false });
    this.#edit({ ...this.#routine, figures }, at);
  }

  remove(index: number) {
    const figures = this.#routine.figures.filter((_, i) => i !== index);
    this.#edit({ ...this.#routine, figures }, Math.min(index, figures.length - 1));
  }

  /** Moves a figure so that it stands at {@code to}. */
  move(from: number, to: number) {
    const figures = [...this.#routine.figures];
    const target = Math.max(0, Math.min(to, figures.length - 1));
    const [moved] = figures.splice(from, 1);
    if (!moved || target === from) return;
    figures.splice(target, 0, moved);
    this.#edit({ ...this.#routine, figures }, target);
  }

  toggleCorner(index: number) {
    this.#change(index, (placed) => ({ ...placed, corner: !placed.corner }));
  }

  /** Applies to the join before {@code index} what would make it possible. */
  adjust(index: number, adjustment: Schemas['AdjustmentView']) {
    const figures = this.#routine.figures.map((placed, i) => {
      if (i === index) return { ...placed, corner: adjustment.corner ? !placed.corner : placed.corner };
      if (i === index - 1) return { ...placed, lastTurn: placed.lastTurn + adjustment.lastTurn };
      return placed;
    });
    this.#edit({ ...this.#routine, figures }, this.#selected);
  }

  /** Mends the join before {@code index}: puts figures between, or dances one of the two otherwise. */
  repair(index: number, repair: Schemas['RepairView']) {
    const figures = [...this.#routine.figures];
    if (repair.kind === 'between') {
      const [first, ...rest] = repair.figures;
      if (first) figures.splice(index, 0, first, ...rest);
    } else {
      const at = repair.kind === 'before' ? index - 1 : index;
      const instead = repair.figures[0];
      const before = figures[at];
      if (instead && before) figures[at] = { ...instead, corner: before.corner };
    }
    this.#edit({ ...this.#routine, figures }, index);
  }

  /** Takes a proposal in place of all figures; what stood before is one undo away. */
  take(figures: Placed[]) {
    this.#edit({ ...this.#routine, figures }, 0);
  }

  describe(change: Partial<RoutineDraft>) {
    this.#edit({ ...this.#routine, ...change }, this.#selected, Object.keys(change).join());
  }

  settle() {
    this.#history.settle();
  }

  undo() {
    this.#replace(this.#history.undo(this.#routine), this.#selected);
  }

  redo() {
    this.#replace(this.#history.redo(this.#routine), this.#selected);
  }

  /** Keeps the routine at once; used when leaving. */
  async flush() {
    if (this.#timer === undefined) return;
    clearTimeout(this.#timer);
    await this.#save();
  }

  /** After a stale save: keep mine over the other. */
  async saveOver() {
    this.#version = Number(this.#stale?.details.currentVersion ?? this.#version);
    this.#stale = null;
    await this.#save();
  }

  /** After a stale save: take the other; mine stays in the undo steps. */
  takeOther() {
    const other = this.#stale?.details.current as RoutineDraft | undefined;
    if (!other) return;
    this.#version = Number(this.#stale?.details.currentVersion);
    this.#stale = null;
    this.#edit(other, other.figures.length - 1);
  }

  #change(index: number, change: (placed: Placed) => Placed) {
    const figures = this.#routine.figures.map((placed, i) => (i === index ? change(placed) : placed));
    this.#edit({ ...this.#routine, figures }, this.#selected);
  }

  #edit(next: RoutineDraft, selected: number, group = '') {
    this.#history.push(this.#routine, group);
    this.#replace(next, selected);
  }

  #replace(next: RoutineDraft, selected: number) {
    this.#routine = next;
    this.#message = 'Not kept yet.';
    this.#selected = Math.min(selected, next.figures.length - 1);
    this.#steps = { undo: this.#history.canUndo, redo: this.#history.canRedo };
    void this.#recompute();
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.#save(), SAVE_AFTER);
  }

  async #recompute() {
    const mine = ++this.#asked;
    try {
      const params = { query: { selected: this.#selected } };
      const work = await need(api.POST('/api/routines/work', { params, body: this.#routine }));
      if (mine === this.#asked) this.#work = work;
    } catch (error) {
      if (mine === this.#asked) this.#message = error instanceof Error ? error.message : String(error);
    }
  }

  async #save() {
    this.#timer = undefined;
    if (this.#stale) return;
    if (this.#saving) {
      this.#timer = setTimeout(() => void this.#save(), SAVE_AFTER);
      return;
    }
    this.#saving = true;
    const sent = this.#routine;
    try {
      const body = { expectedVersion: this.#version, routine: sent };
      const saved = await need(
        api.PUT('/api/routines/{id}', { params: { path: { id: this.id } }, body, keepalive: true })
      );
      this.#version = saved.version;
      if (this.#routine === sent) this.#message = 'Kept.';
    } catch (error) {
      if (error instanceof Refusal && error.status === 409) this.#stale = error;
      this.#message = error instanceof Error ? error.message : String(error);
    } finally {
      this.#saving = false;
    }
  }
}

export const [getRoutineEditor, setRoutineEditor] = createContext<RoutineEditor>();
