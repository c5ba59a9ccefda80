import { createContext } from 'svelte';
import { words } from '$lib/api/words';
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
import { Editor } from '$lib/editing/editor.svelte';
import { ChartReading, type Reading } from './chart-reading.svelte';
import { FigureDrafts } from './figure-drafts';
import { rewrite } from './rewrite';
import { acceptance, rowAfter, withCell, withPatch, type Column } from './chart-rows';

export type { Column } from './chart-rows';

const WORK_AFTER = 30;

/** One figure being read or edited: the chart as typed, what the server makes of it, undo, draft and versions. */
export class FigureEditor {
  readonly id: string;
  readonly editor: Editor<'figure'>;
  #view = $state.raw<FigureView>() as FigureView;
  #work = $state.raw<FigureView['work']>() as FigureView['work'];
  #problems = $state.raw<Problem[]>([]);
  readonly #reading = new ChartReading();
  readonly #drafts: FigureDrafts;
  #asked = 0;
  /** False while the saved chart is still drawn below unsaved work opened again. */
  #drawn = false;
  #workTimer: ReturnType<typeof setTimeout> | undefined;
  /** The row in focus, so that spine, floor and ledger show the same one. */
  focus = $state.raw<{ role: RoleName; step: number } | null>(null);

  constructor(view: FigureView) {
    this.id = view.id;
    this.#drafts = new FigureDrafts(view.id);
    this.editor = new Editor('figure', view, {
      kept: 'Draft kept.',
      send: this.#drafts.send,
      onchange: () => this.#recompute(WORK_AFTER)
    });
    this.#open(view);
    const [draft] = view.drafts;
    if (draft) this.#adopt(draft);
    void this.editor.recover();
  }

  /** The newest unsaved work is gone on with; what was begun from a version that is not the last any more is compared first. */
  #adopt(draft: FigureView['drafts'][number]) {
    this.#drafts.adopt(draft);
    this.#drawn = false;
    this.editor.adopt(draft.document, draft.baseVersion);
    if (!this.isBegun) this.editor.say('Your unsaved work from last time is here again.');
    this.#recompute(0);
    if (draft.baseVersion !== this.#view.version) {
      void this.#compare(draft.document);
    }
  }

  async #compare(mine: Chart) {
    const conflict = await this.#drafts.against(this.#view, mine);
    if (conflict) this.editor.collide(conflict);
    else await this.discardDraft();
  }

  get view() {
    return this.#view;
  }
  get chart() {
    return this.editor.state;
  }
  get work() {
    return this.#work;
  }
  /** The chart as it is shown: as charted, or in another timing or with a school's options. */
  get shown() {
    return this.#reading.chart ?? this.chart;
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
  /** Whether something is not saved as a version. */
  get changed() {
    return this.editor.isTouched || this.chart !== this.#view.document;
  }
  get message() {
    return this.editor.message;
  }
  /** Whether the figure exists as a draft only. */
  get isBegun() {
    return !this.#view.own && !this.#view.shipped;
  }
  /** Unsaved work of other windows, which saving here leaves alone. */
  get otherDrafts() {
    return this.#view.drafts.filter((draft) => !this.#drafts.isAdopted(draft));
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
    this.#edit({ ...this.chart, accepted: [...(this.chart.accepted ?? []), accepted] }, '');
  }

  /** Shows the chart in another way; the chart itself stays as it is. */
  read(change: Partial<Reading>) {
    this.#reading.want(change);
    this.#recompute(0);
  }

  /** Draws the repeated steps so many times over on the floor and in the ledger. */
  async repeat(times: readonly number[]) {
    try {
      await this.#reading.repeat(this.chart, times);
    } catch (error) {
      this.#tell(error);
    }
  }

  /** Changes what is said of the figure besides its rows; runs of typing into one field are one step. */
  change(patch: Partial<Chart>, group = '') {
    this.#edit(withPatch(this.chart, patch), group);
  }

  /** Keeps the rows as they are now as a variant, and puts the saved rows back; says why not where that cannot be. */
  async keepAsVariant(name: string): Promise<string> {
    const before = this.#view.document;
    return rewrite(this, (now) => need(api.POST('/api/proposals/variant', { body: { before, now, name } })));
  }

  /** Moves the focus to a row, so that spine, floor and ledger show the same one. */
  look(role: RoleName, step: number) {
    this.focus = { role, step };
  }

  /** Ends a run of keystrokes, so that undo goes back over it as a whole. */
  settle() {
    this.editor.settle();
  }

  /** Keeps the chart as the next version of the coach's own. */
  async save(note: string): Promise<boolean> {
    await this.editor.flush();
    if (this.editor.conflict) return false;
    try {
      const drafts = this.#drafts.with(this.editor.sent);
      const body = { expectedVersion: this.editor.version, document: this.chart, note, drafts };
      const params = { path: { id: this.id } };
      this.#begin(await need(api.PUT('/api/figures/{id}', { params, body })));
      this.editor.say(`Saved as version ${this.#view.version}.`);
      return true;
    } catch (error) {
      if (error instanceof Refusal && error.status === 409 && error.details.sides) this.editor.collideWith(error);
      else this.#tell(error);
      return false;
    }
  }

  /** After a conflict: mine goes on, to be saved over the other. */
  async keepMine() {
    await this.editor.keepMine();
  }

  /** After a conflict: the other chart; mine stays in the undo steps. */
  async takeTheirs() {
    this.editor.takeTheirs();
    await this.#afterConflict();
  }

  /** After a conflict: mine as a figure of its own beside it. */
  async keepBoth() {
    await this.editor.keepBoth();
    if (!this.editor.conflict) await this.#afterConflict();
  }

  /** What was unsaved is settled; the figure is read as it stands. */
  async #afterConflict() {
    const { message, link } = this.editor;
    await this.#drafts.drop(this.editor.sent);
    this.#begin(await this.#read());
    this.editor.say(message, link);
  }

  /** Takes a whole chart, such as one that was proposed, as one step that can be undone. */
  take(chart: Chart, message = '') {
    this.#edit(chart, '');
    this.editor.say(message);
  }

  #read() {
    return need(api.GET('/api/figures/{id}', { params: { path: { id: this.id } } }));
  }

  /** The coach's chart goes into the bin; of a shipped figure the shipped chart shows again. */
  async reset() {
    await need(api.DELETE('/api/figures/{id}', { params: { path: { id: this.id } } }));
    this.#begin(await this.#read());
    this.editor.say('The shipped chart is back; yours is in the bin with its versions.');
  }

  /** Gives up what is not saved; false where nothing is left, because the figure was only begun. */
  async discardDraft(): Promise<boolean> {
    await this.editor.flush();
    await this.#drafts.drop(this.editor.sent);
    if (this.isBegun) {
      this.editor.begin({ ...this.#view, document: this.chart });
      return false;
    }
    this.#begin(await this.#read());
    this.editor.say('Back to the last saved chart.');
    return true;
  }

  #begin(view: FigureView) {
    this.editor.begin(view);
    this.#open(view);
  }

  #open(view: FigureView) {
    this.#view = view;
    this.#drafts.settle();
    this.#work = view.work;
    this.#problems = [];
    this.#drawn = true;
    this.#reading.reset();
  }

  #editRows(role: RoleName, group: string, change: (rows: Row[]) => Row[]) {
    this.#edit({ ...this.chart, [role]: change(this.chart[role] ?? []) }, group);
  }

  #edit(next: Chart, group: string) {
    this.editor.change(next, group);
  }

  #recompute(after: number) {
    clearTimeout(this.#workTimer);
    this.#workTimer = setTimeout(() => void this.#worked(), after);
  }

  async #worked() {
    const mine = ++this.#asked;
    try {
      const params = { query: this.#reading.query };
      const answer = await need(api.POST('/api/work', { body: this.chart, params }));
      if (mine !== this.#asked) return;
      this.#problems = answer.problems;
      // A cell half typed is no reason to draw another figure: the last one drawn stays until it can be read.
      const halfTyped = answer.problems.some((problem) => /^\/(man|lady)\//.test(problem.path));
      if (!answer.work || (halfTyped && this.#drawn)) return;
      this.#drawn = true;
      this.#work = answer.work;
      this.#reading.show(answer.chart);
      await this.#reading.repeat(this.chart);
    } catch (error) {
      if (mine !== this.#asked) return;
      this.#tell(error);
      this.#reading.leave();
    }
  }

  #tell(error: unknown) {
    this.editor.say(words(error));
  }
}

export const [getFigureEditor, setFigureEditor] = createContext<FigureEditor>();
