import { Refusal, type Schemas } from '$lib/api/client';
import { words } from '$lib/api/words';
import { compared, conflictOf, hadArrived, sidesOf, type Conflict } from './conflict';
import { History } from './history.svelte';
import { channelOf, nameOf, pageOf, renamed, type Channel, type Documents, type Kind } from './kinds';
import { leave, live } from './live';
import type { Kept, Options, Status } from './types';
import { abandoned, forget, hold, remember, type Unsent } from './outbox';

const SEND_AFTER = 500;
const TRY_AGAIN_AFTER = 3000;

let newest = 0;

/**
 * Something kept, being edited: undo and redo, sent by itself as it changes, remembered in this browser until the server has
 * acknowledged it, and both sides at hand when somebody else saved first.
 */
export class Editor<K extends Kind> {
  readonly kind: K;
  readonly id: string;
  /** This editor among all windows. */
  readonly window = `${Date.now().toString(36)}-${(newest++).toString(36)}-${Math.random().toString(36).slice(2, 10)}`;
  #version = $state(0);
  #state = $state.raw() as Documents[K];
  #status = $state<Status>('kept');
  #message = $state('');
  #link = $state.raw<{ href: string; words: string } | null>(null);
  #conflict = $state.raw<Conflict<Documents[K]> | null>(null);
  readonly #history = new History<Documents[K]>();
  readonly #options: Options<K>;
  readonly #release: () => void;
  #number = $state(0);
  #begun = $state(0);
  #acknowledged = 0;
  #timer: ReturnType<typeof setTimeout> | undefined;
  #sending: Promise<void> | null = null;
  #closed = false;

  constructor(kind: K, kept: Kept<Documents[K]>, options: Options<K> = {}) {
    this.kind = kind;
    this.id = kept.id;
    this.#version = kept.version;
    this.#state = kept.document;
    this.#options = options;
    this.#release = hold(this.window);
    live.add(this);
  }

  get state() {
    return this.#state;
  }
  get version() {
    return this.#version;
  }
  get status() {
    return this.#status;
  }
  get message() {
    return this.#message;
  }
  /** Where to go on from the message, if anywhere. */
  get link() {
    return this.#link;
  }
  get refused() {
    return this.#status === 'refused' || this.#status === 'away';
  }
  get conflict() {
    return this.#conflict;
  }
  get canUndo() {
    return this.#history.canUndo;
  }
  get canRedo() {
    return this.#history.canRedo;
  }
  /** Which of its states was sent last. */
  get sent() {
    return { window: this.window, number: this.#number };
  }
  /** Whether anything has been done here since it was last begun, also if it was taken back. */
  get isTouched() {
    return this.#number > this.#begun;
  }
  /** Whether the server lacks something that was typed here. */
  get isUnsent() {
    return this.#acknowledged < this.#number;
  }

  /** A new state; changes of the same group in a row are one step back. */
  change(next: Documents[K], group = '') {
    this.#history.push(this.#state, group);
    this.#replace(next);
  }

  /** Changes some fields; the same fields in a row are one step back. */
  describe(patch: Partial<Documents[K]>, group = Object.keys(patch).join()) {
    this.change({ ...this.#state, ...patch }, group);
  }

  /** Ends a run of keystrokes, so that undo goes back over it as a whole. */
  settle() {
    this.#history.settle();
  }

  undo() {
    if (this.canUndo && !this.#conflict) this.#replace(this.#history.undo(this.#state));
  }

  redo() {
    if (this.canRedo && !this.#conflict) this.#replace(this.#history.redo(this.#state));
  }

  say(message: string, link: { href: string; words: string } | null = null) {
    this.#message = message;
    this.#link = link;
  }

  /** The state as it stands now is saved under a version; nothing of before is sent any more. */
  begin(kept: Kept<Documents[K]>) {
    this.#acknowledge(this.#number);
    this.#begun = this.#number;
    clearTimeout(this.#timer);
    this.#version = kept.version;
    this.#state = kept.document;
    this.#conflict = null;
    this.#status = 'kept';
    this.say('');
  }

  /** Goes on from a state that the server has, but not as the one that stands. */
  adopt(document: Documents[K], base: number) {
    this.#state = document;
    this.#version = base;
  }

  /** Sends at once, and again for as long as something is typed meanwhile. */
  async flush() {
    clearTimeout(this.#timer);
    this.#timer = undefined;
    if (this.#sending) await this.#sending;
    if (this.isUnsent && !this.#conflict) await this.#send();
  }

  /** The desk is left: what is still unsent goes on its way without it. */
  close() {
    if (this.#closed) return;
    this.#closed = true;
    live.delete(this);
    leave(this.flush().finally(() => this.#release()));
  }

  /** Takes up what was typed here once and never reached the server. */
  async recover() {
    const left = (await abandoned()).filter((unsent) => unsent.kind === this.kind && unsent.id === this.id);
    const unsent = left[0] as Unsent<K> | undefined;
    if (!unsent || this.#conflict) return;
    if (JSON.stringify(unsent.document) !== JSON.stringify(this.#state)) {
      if (unsent.base === this.#version && !this.isTouched) {
        this.change(unsent.document);
        this.say('What was typed here and had not been sent is here again.');
      } else {
        await this.#compare(unsent.document);
      }
    }
    for (const old of left) await forget(old);
  }

  /** Somebody else may have saved: shows both sides without sending. */
  async #compare(mine: Documents[K]) {
    const message = 'This was changed elsewhere while your own changes had not been sent. Nothing is lost.';
    try {
      const conflict = await compared(this.kind, this.id, mine, message);
      if (conflict.differences.length > 0) this.collide(conflict);
    } catch (error) {
      this.change(mine);
      this.#tell(error);
    }
  }

  /** A refusal of a save begun from a version that has been saved over. */
  collideWith(refusal: Refusal) {
    this.collide(conflictOf(refusal.details.sides as Schemas['Sides'], refusal.message, this.#state));
  }

  /** Shows both sides and asks. */
  collide(conflict: Conflict<Documents[K]>) {
    this.#conflict = conflict;
    this.#status = 'stale';
    this.say(conflict.message);
  }

  /** After a conflict: mine over the other, which stays in the undo steps. */
  async keepMine() {
    const conflict = this.#conflict;
    if (!conflict) return;
    this.#conflict = null;
    this.#version = conflict.version;
    this.#state = conflict.current;
    this.change(conflict.mine);
    await this.flush();
  }

  /** After a conflict: the other side; mine stays in the undo steps. */
  takeTheirs() {
    const conflict = this.#conflict;
    if (!conflict) return;
    this.#history.push(conflict.mine);
    this.#show(conflict);
    this.say(`Version ${conflict.version} is here; undo brings yours back.`);
  }

  /** After a conflict: the other side here, and mine as something new beside it. */
  async keepBoth() {
    const conflict = this.#conflict;
    if (!conflict) return;
    const name = `${nameOf(conflict.mine).slice(0, 70)} (mine)`;
    try {
      const made = await channelOf(this.kind).create(renamed(conflict.mine, name));
      this.#show(conflict);
      this.say('Both are kept:', { href: pageOf(this.kind, made.id), words: name });
    } catch (error) {
      this.#tell(error);
    }
  }

  #show(conflict: Conflict<Documents[K]>) {
    this.begin({ id: this.id, version: conflict.version, document: conflict.current });
    this.#options.onchange?.(this.#state);
  }

  #replace(next: Documents[K]) {
    this.#state = next;
    this.#number++;
    if (this.#status !== 'away') this.#status = 'changed';
    this.say(this.#status === 'away' ? this.#message : 'Not kept yet.');
    this.#remember();
    this.#options.onchange?.(next);
    this.#schedule(SEND_AFTER);
  }

  #remember(refused?: string) {
    const { kind, id, window } = this;
    const name = nameOf(this.#state);
    const kept = { kind, id, window, number: this.#number, base: this.#version, name, at: Date.now() };
    void remember({ ...kept, document: this.#state, ...(refused ? { refused } : {}) });
  }

  #schedule(after: number) {
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.flush(), after);
  }

  #send(): Promise<void> {
    this.#sending ??= this.#sendOnce().finally(() => (this.#sending = null));
    return this.#sending;
  }

  async #sendOnce() {
    const document = this.#state;
    const number = this.#number;
    const send: Channel<K>['send'] = this.#options.send ?? channelOf(this.kind).send;
    try {
      const saved = await send(this.id, this.#version, document, { window: this.window, number });
      this.#version = saved.version;
      this.#acknowledge(number);
      if (this.#number !== number) {
        this.#schedule(SEND_AFTER);
        return;
      }
      this.#keep();
    } catch (error) {
      if (!this.#arrived(error, number)) this.#failed(error);
    }
  }

  /** Goes on from its own save whose answer was lost; false for any other failure. */
  #arrived(error: unknown, number: number): boolean {
    const sides = sidesOf(error);
    if (!sides || !hadArrived(error)) return false;
    this.#version = sides.version;
    this.#acknowledge(number);
    if (this.isUnsent) this.#schedule(SEND_AFTER);
    else this.#keep();
    return true;
  }

  #keep() {
    this.#status = 'kept';
    this.say(this.#options.kept ?? 'Kept.');
  }

  #acknowledge(number: number) {
    this.#acknowledged = number;
    void forget({ kind: this.kind, id: this.id, window: this.window, number });
  }

  #failed(error: unknown) {
    const status = error instanceof Refusal ? error.status : 0;
    if (error instanceof Refusal && status === 409 && error.details.sides) {
      this.collideWith(error);
    } else if (status === 0 || status >= 500) {
      this.#status = 'away';
      this.#message = words(error);
      if (!this.#closed) this.#schedule(TRY_AGAIN_AFTER);
    } else {
      this.#tell(error);
      this.#remember(this.#message);
    }
  }

  #tell(error: unknown) {
    this.#status = 'refused';
    this.say(words(error));
  }
}
