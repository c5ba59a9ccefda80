import { createContext } from 'svelte';
import { words } from '$lib/api/words';
import { api, need, type Placed, type Routine, type RoutineWork, type Schemas } from '$lib/api/client';
import { Editor } from '$lib/editing/editor.svelte';
import * as edits from './routine-edits';

/** Outlives a desk, so that figures can be carried from one routine to another. */
let clipboard = $state.raw<{ dance: string; figures: Placed[] }>({ dance: '', figures: [] });

/** One routine being composed: its figures, what the server makes of them, undo and redo, kept as it changes. */
export class RoutineEditor {
  readonly id: string;
  readonly editor: Editor<'routine'>;
  #work = $state.raw<RoutineWork | null>(null);
  #selected = $state(-1);
  #anchor = $state(-1);
  #asked = 0;
  #latest: Promise<void> = Promise.resolve();

  /** @param terms what can be chosen for any routine */
  constructor(
    view: Schemas['RoutineView'],
    readonly terms: Schemas['RoutineTerms']
  ) {
    this.id = view.id;
    this.editor = new Editor('routine', view, { onchange: (next) => this.#changed(next) });
    this.#selected = this.#anchor = view.document.figures.length - 1;
    void this.#recompute();
    void this.editor.recover();
  }

  get routine() {
    return this.editor.state;
  }
  get work() {
    return this.#work;
  }
  /** The figure selected, from 0; -1 before the first. */
  get selected() {
    return this.#selected;
  }
  /** The figures selected, from 0; both are -1 before the first. */
  get span(): edits.Span {
    const anchor = Math.min(this.#anchor, this.routine.figures.length - 1);
    return { from: Math.min(anchor, this.#selected), to: Math.max(anchor, this.#selected) };
  }
  /** What was last cut or copied, to be pasted here or into another routine of the same dance. */
  get clipboard() {
    return clipboard.dance === this.routine.dance ? clipboard.figures : [];
  }

  /** Selects one figure, or all from the one selected first to this. */
  select(index: number, extend = false) {
    const to = Math.max(-1, Math.min(index, this.routine.figures.length - 1));
    if (!extend) this.#anchor = to;
    if (to === this.#selected) return;
    this.#selected = to;
    void this.#recompute();
  }

  selectAll() {
    this.#anchor = 0;
    this.select(this.routine.figures.length - 1, true);
  }

  /** Puts a figure after the selected ones; a join that needs an adjustment gets it along. */
  insertAfterSelected(figure: Placed, adjustment?: Schemas['AdjustmentView']) {
    const at = this.span.to + 1;
    const placed = { ...figure, corner: false };
    const { figures, span } = edits.put(this.routine.figures, at, [placed]);
    this.#apply({ figures: adjustment ? edits.adjust(figures, at, adjustment) : figures, span });
  }

  remove(span: edits.Span) {
    if (span.from >= 0) this.#apply(edits.cut(this.routine.figures, span));
  }

  copy() {
    const { from, to } = this.span;
    if (from < 0) return;
    clipboard = { dance: this.routine.dance, figures: this.routine.figures.slice(from, to + 1) };
    this.editor.say(`Copied ${to - from + 1}.`);
  }

  cut() {
    this.copy();
    this.remove(this.span);
  }

  /** Puts what was copied after the selected figures. */
  paste() {
    if (this.clipboard.length === 0) return;
    this.#apply(edits.put(this.routine.figures, this.span.to + 1, this.clipboard));
  }

  repeat() {
    if (this.span.from >= 0) this.#apply(edits.repeat(this.routine.figures, this.span));
  }

  /** Puts the selected figures once more behind themselves, to the other side; says which of them has none. */
  otherSide() {
    const { from, to } = this.span;
    if (from < 0) return;
    const blocks = this.#work?.blocks ?? [];
    const known = (block: Schemas['BlockView'], i: number) =>
      block.figure === undefined || block.figure === this.routine.figures[i]?.figure;
    const stale = blocks.length !== this.routine.figures.length || !blocks.every(known);
    if (stale) {
      this.editor.say('Not worked out yet: once more in a moment.');
      return;
    }
    const one = blocks.slice(from, to + 1).find((block) => !block.alternates);
    if (one) this.editor.say(`${one.name} does not alternate sides, so it has no other side to begin on.`);
    else this.#apply(edits.otherSide(this.routine.figures, this.span));
  }

  /** Puts others in the place of the selected figures. */
  replace(span: edits.Span, others: Placed[]) {
    if (others.length === 0) this.remove(span);
    else this.#apply(edits.replace(this.routine.figures, span, others));
  }

  /** Puts others instead of the figures from one place up to but without another; the same place twice only puts them in. */
  put(from: number, to: number, others: Placed[]) {
    if (from < to) this.replace({ from, to: to - 1 }, others);
    else if (others.length > 0) this.#apply(edits.put(this.routine.figures, from, others));
  }

  /** Moves the selected figures by so many places. */
  shift(by: number) {
    if (this.span.from >= 0) this.#apply(edits.shift(this.routine.figures, this.span, by));
  }

  /** Moves them to where another stands; a figure that is not among the selected goes alone. */
  carry(from: number, target: number) {
    const { span } = this;
    const dragged = from >= span.from && from <= span.to ? span : { from, to: from };
    const moved = edits.carry(this.routine.figures, dragged, target);
    if (moved.figures !== this.routine.figures) this.#apply(moved);
  }

  toggleCorner(index: number) {
    const placed = this.routine.figures[index];
    if (placed && index > 0) this.change(index, { corner: !placed.corner });
  }

  /** Changes how one figure is danced; changes of the same field in a row are one step back. */
  change(index: number, by: Partial<Placed>, group = '') {
    this.#edit({ ...this.routine, figures: edits.change(this.routine.figures, index, by) }, undefined, group);
  }

  /** Applies to the join before {@code index} what would make it possible. */
  adjust(index: number, adjustment: Schemas['AdjustmentView']) {
    this.#edit({ ...this.routine, figures: edits.adjust(this.routine.figures, index, adjustment) });
  }

  repair(index: number, repair: Schemas['RepairView']) {
    this.#apply(edits.mend(this.routine.figures, index, repair));
  }

  /** Takes a proposal in place of all figures, with the place where it begins if it has one; an opening
   * and a close of so many free elements stay. What stood before is one undo away. */
  take(figures: Placed[], laid?: Schemas['LaidView'], frame = { lead: 0, tail: 0 }) {
    const all = this.routine.figures;
    const kept = [...all.slice(0, frame.lead), ...figures, ...all.slice(all.length - frame.tail)];
    const floor = laid && { ...this.routine.floor, startX: laid.startX, startY: laid.startY, startTurn: 0 };
    this.#edit({ ...this.routine, ...(floor && { floor }), figures: kept }, { from: 0, to: 0 });
  }

  /** Takes what keeps the routine on its floor; notes stay with their figures. */
  fit({ figures, startX, startY, stride, startTurn }: Schemas['FloorFitView']) {
    const kept = figures.map((figure, i) => {
      const { note, accepted } = this.routine.figures[i] ?? {};
      return { ...figure, ...(note && { note }), ...(accepted && { accepted }) };
    });
    const floor = { ...this.routine.floor, startX, startY, stride, startTurn };
    this.#edit({ ...this.routine, floor, figures: kept });
  }

  describe(change: Partial<Routine>) {
    this.#edit({ ...this.routine, ...change }, undefined, Object.keys(change).join());
  }

  /** Takes another state as a whole, such as a kept version; the one before is one undo away. */
  restore(other: Routine) {
    const last = other.figures.length - 1;
    this.#edit(other, { from: last, to: last });
  }

  #apply({ figures, span }: edits.Edited) {
    this.#edit({ ...this.routine, figures }, span);
  }

  #edit(next: Routine, span?: edits.Span, group = '') {
    if (span) [this.#anchor, this.#selected] = [span.from, span.to];
    this.editor.change(next, group);
  }

  /** After every new state, also one that was gone back to. */
  #changed(next: Routine) {
    this.#anchor = Math.min(this.#anchor, next.figures.length - 1);
    this.#selected = Math.min(this.#selected, next.figures.length - 1);
    void this.#recompute();
  }

  /** What the server makes of it as it now is, waited for while that is under way; null if it never could be worked out. */
  async worked() {
    let awaited;
    do {
      awaited = this.#latest;
      await awaited;
    } while (awaited !== this.#latest);
    return this.#work;
  }

  #recompute() {
    this.#latest = this.#ask();
    return this.#latest;
  }

  async #ask() {
    const mine = ++this.#asked;
    try {
      const params = { query: { selected: this.#selected } };
      const work = await need(api.POST('/api/routines/work', { params, body: this.routine }));
      if (mine === this.#asked) this.#work = work;
    } catch (error) {
      if (mine === this.#asked) this.editor.say(words(error));
    }
  }
}

export const [getRoutineEditor, setRoutineEditor] = createContext<RoutineEditor>();
