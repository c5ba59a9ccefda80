import { createContext } from 'svelte';
import {
  api,
  need,
  Refusal,
  type Chart,
  type FigureView,
  type Problem,
  type RoleName,
  type Row
} from '$lib/api/client';
import { ChartReading, type Reading } from './chart-reading.svelte';
import { acceptance, rowAfter, withCell, withPatch, type Column } from './chart-rows';
import { dropDraft, keepDraft } from './figure-drafts';
import { History } from './history';
import { asVariant } from './variant';

export type { Column } from './chart-rows';

const WORK_AFTER = 30;
const DRAFT_AFTER = 600;

/** One figure being read or edited: the chart as typed, what the server makes of it, undo, draft and versions. */
export class FigureEditor {
  readonly id: string;
  #view = $state.raw<FigureView>() as FigureView;
  #chart = $state.raw<Chart>() as Chart;
  #work = $state.raw<FigureView['work']>() as FigureView['work'];
  #problems = $state.raw<Problem[]>([]);
  #changed = $state(false);
  #message = $state('');
  #stale = $state.raw<Refusal | null>(null);
  #steps = $state({ undo: false, redo: false });
  readonly #reading = new ChartReading();
  #history = new History<Chart>();
  #asked = 0;
  /** False while the saved chart is still drawn below unsaved work opened again. */
  #drawn = false;
  #workTimer: ReturnType<typeof setTimeout> | undefined;
  #draftTimer: ReturnType<typeof setTimeout> | undefined;
  /** The row in focus, so that spine, floor and ledger show the same one. */
  focus = $state.raw<{ role: RoleName; step: number } | null>(null);

  constructor(view: FigureView) {
    this.id = view.id;
    this.#open(view);
    if (view.draft) {
      this.#chart = view.draft.chart;
      this.#changed = true;
      if (!this.isBegun) this.#message = 'Your unsaved work from last time is here again.';
      this.#recompute(0);
    }
  }

  get view() {
    return this.#view;
  }
  get chart() {
    return this.#chart;
  }
  get work() {
    return this.#work;
  }
  /** The chart as it is shown: as charted, or in another timing or with a school's options. */
  get shown() {
    return this.#reading.chart ?? this.#chart;
  }
  /** Whether cells can be typed into; another reading of the chart is only looked at. */
  get locked() {
    return this.#reading.chart !== null;
  }
  get reading() {
    return this.#reading.wanted;
  }
  get repeats() {
    return this.#reading.repeats;
  }
  /** What floor and ledger draw: the repeated steps as often as asked. */
  get drawn() {
    return this.#reading.repeated ?? this.#work;
  }
  get problems() {
    return this.#problems;
  }
  get changed() {
    return this.#changed;
  }
  get message() {
    return this.#message;
  }
  /** Whether the figure exists as a draft only. */
  get isBegun() {
    return !this.#view.own && !this.#view.shipped;
  }
  /** Set when somebody else saved first; holds both charts. */
  get stale() {
    return this.#stale;
  }
  get canUndo() {
    return this.#steps.undo;
  }
  get canRedo() {
    return this.#steps.redo;
  }

  cell(role: RoleName, index: number, column: Column): string {
    return String(this.shown[role]?.[index]?.[column] ?? '');
  }

  problemAt(role: RoleName, index: number, column: Column): string | undefined {
    return this.#problems.find((p) => p.path === `/${role}/${index}/${column}`)?.message;
  }

  setCell(role: RoleName, index: number, column: Column, text: string) {
    this.#editRows(role, `${role}-${index}-${column}`, (rows) =>
      rows.map((row, i) => (i === index ? withCell(row, column, text) : row))
    );
  }

  /** A new row after {@code index}, counted on and on the other foot, for the coach to fill. */
  insertRow(role: RoleName, index: number) {
    this.#editRows(role, '', (rows) => {
      return [...rows.slice(0, index + 1), rowAfter(rows[index]), ...rows.slice(index + 1)];
    });
  }

  removeRow(role: RoleName, index: number) {
    this.#editRows(role, '', (rows) => rows.filter((_, i) => i !== index));
  }

  accept(rule: string, role: string | undefined, step: number, reason: string) {
    const accepted = acceptance(rule, role, step, reason);
    this.#edit({ ...this.#chart, accepted: [...(this.#chart.accepted ?? []), accepted] }, '');
  }

  /** Shows the chart in another way; the chart itself stays as it is. */
  read(change: Partial<Reading>) {
    this.#reading.want(change);
    this.#recompute(0);
  }

  /** Draws the repeated steps so many times over on the floor and in the ledger. */
  async repeat(times: number) {
    try {
      await this.#reading.repeat(this.#chart, times);
    } catch (error) {
      this.#tell(error);
    }
  }

  /** Takes a whole chart that was proposed, as one step that can be undone. */
  take(chart: Chart, message = '') {
    this.#edit(chart, '');
    this.#message = message;
  }

  /** Changes what is said of the figure besides its rows; runs of typing into one field are one step. */
  change(patch: Partial<Chart>, group = '') {
    this.#edit(withPatch(this.#chart, patch), group);
  }

  /** Keeps the rows as they are now as a variant, and puts the saved rows back; false where nothing differs. */
  keepAsVariant(name: string): boolean {
    const onsets = (role: RoleName) => this.#work[role].rows.map((row) => row.onset);
    const variant = asVariant(this.#view.chart, this.#chart, name, onsets('man'), onsets('lady'));
    if (!variant) return false;
    const variants = [...(this.#chart.variants ?? []).filter((v) => v.id !== variant.id), variant];
    this.#edit({ ...this.#chart, man: this.#view.chart.man, lady: this.#view.chart.lady, variants }, '');
    this.#message = `“${name}” is a variant from step ${variant.keep + 1}; the rows are as they were.`;
    return true;
  }

  /** Moves the focus to a row, so that spine, floor and ledger show the same one. */
  look(role: RoleName, step: number) {
    this.focus = { role, step };
  }

  /** Ends a run of keystrokes, so that undo goes back over it as a whole. */
  settle() {
    this.#history.settle();
  }

  undo() {
    this.#replace(this.#history.undo(this.#chart));
  }

  redo() {
    this.#replace(this.#history.redo(this.#chart));
  }

  /** Keeps the chart as the next version of the coach's own copy. */
  async save(note: string, over = this.#view.version): Promise<boolean> {
    clearTimeout(this.#draftTimer);
    try {
      const body = { expectedVersion: over, chart: this.#chart, note };
      this.#open(await need(api.PUT('/api/figures/{id}', { params: { path: { id: this.id } }, body })));
      this.#message = `Saved as version ${this.#view.version}.`;
      return true;
    } catch (error) {
      this.#tell(error);
      if (error instanceof Refusal && error.status === 409) this.#stale = error;
      this.#keepDraft();
      return false;
    }
  }

  /** After a stale save: keep this chart as the version after the other one. */
  async saveOver(note: string) {
    const version = Number(this.#stale?.details.currentVersion ?? this.#view.version);
    await this.save(note, version);
  }

  /** After a stale save: take the other chart; this one stays in the undo steps. */
  takeOther() {
    const other = this.#stale?.details.current as Chart | undefined;
    const version = Number(this.#stale?.details.currentVersion);
    if (!other) return;
    this.#edit(other, '');
    this.#view = { ...this.#view, version };
    this.#stale = null;
    this.#message = `Version ${version} is here; undo brings yours back.`;
  }

  async reset() {
    this.#open(await need(api.DELETE('/api/figures/{id}/copy', { params: { path: { id: this.id } } })));
    this.#message = 'The shipped chart is back; your versions are kept.';
  }

  /** Gives up what is not saved; false where nothing is left, because the figure was only begun. */
  async discardDraft(): Promise<boolean> {
    clearTimeout(this.#draftTimer);
    await dropDraft(this.id);
    if (this.isBegun) {
      this.#changed = false;
      return false;
    }
    this.#open(await need(api.GET('/api/figures/{id}', { params: { path: { id: this.id } } })));
    this.#message = 'Back to the last saved chart.';
    return true;
  }

  /** Writes the draft at once, for leaving. */
  async flush() {
    clearTimeout(this.#draftTimer);
    if (this.#changed) await this.#keepDraft();
  }

  #open(view: FigureView) {
    this.#view = view;
    this.#chart = view.chart;
    this.#work = view.work;
    this.#problems = [];
    this.#drawn = !view.draft;
    this.#changed = false;
    this.#stale = null;
    this.#message = '';
    this.#reading.reset();
  }

  #editRows(role: RoleName, group: string, change: (rows: Row[]) => Row[]) {
    this.#edit({ ...this.#chart, [role]: change(this.#chart[role] ?? []) }, group);
  }

  #edit(next: Chart, group: string) {
    this.#history.push(this.#chart, group);
    this.#replace(next);
  }

  #replace(next: Chart) {
    this.#chart = next;
    this.#changed = true;
    this.#message = '';
    this.#steps = { undo: this.#history.canUndo, redo: this.#history.canRedo };
    this.#recompute(WORK_AFTER);
    clearTimeout(this.#draftTimer);
    this.#draftTimer = setTimeout(() => void this.#keepDraft(), DRAFT_AFTER);
  }

  #recompute(after: number) {
    clearTimeout(this.#workTimer);
    this.#workTimer = setTimeout(() => void this.#worked(), after);
  }

  async #worked() {
    const mine = ++this.#asked;
    try {
      const params = { query: this.#reading.query };
      const answer = await need(api.POST('/api/work', { body: this.#chart, params }));
      if (mine !== this.#asked) return;
      this.#problems = answer.problems;
      // A cell half typed is no reason to draw another figure: the last one drawn stays until it can be read.
      const halfTyped = answer.problems.some((problem) => /^\/(man|lady)\//.test(problem.path));
      if (!answer.work || (halfTyped && this.#drawn)) return;
      this.#drawn = true;
      this.#work = answer.work;
      this.#reading.show(answer.chart);
      await this.#reading.repeat(this.#chart);
    } catch (error) {
      if (mine !== this.#asked) return;
      this.#tell(error);
      this.#reading.leave();
    }
  }

  async #keepDraft() {
    const sent = this.#chart;
    try {
      await keepDraft(this.id, this.#view.version, sent);
      if (this.#message === '' && this.#chart === sent) this.#message = 'Draft kept.';
    } catch (error) {
      this.#tell(error);
    }
  }

  #tell(error: unknown) {
    this.#message = error instanceof Error ? error.message : String(error);
  }
}

export const [getFigureEditor, setFigureEditor] = createContext<FigureEditor>();
