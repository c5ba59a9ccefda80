import { Refusal } from '$lib/api/client';
import { hadArrived } from './conflict';
import { live } from './live';
import { channelOf } from './kinds';
import { abandoned, alone, forget, remember, type Unsent } from './outbox';

const LOOK_EVERY = 5000;

/** Edits of desks that have been left, on their way to the server by themselves. */
class UnsentEdits {
  #waiting = $state.raw<Unsent[]>([]);
  #looking = false;

  /** What the server has not got, the newest first. */
  get waiting() {
    return this.#waiting;
  }

  /** Looks for edits left behind and sends them, now and again until stopped. */
  start(): () => void {
    const look = () => void this.look();
    const timer = setInterval(look, LOOK_EVERY);
    window.addEventListener('online', look);
    look();
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', look);
    };
  }

  async look() {
    if (this.#looking) return;
    this.#looking = true;
    try {
      await alone(() => this.#sendAll());
      this.#waiting = await abandoned();
    } finally {
      this.#looking = false;
    }
  }

  async #sendAll() {
    for (const unsent of await abandoned()) {
      const open = [...live].find((editor) => editor.kind === unsent.kind && editor.id === unsent.id);
      if (open) await open.recover();
      else if (!unsent.refused) await this.#send(unsent);
    }
  }

  /** Gives one up. */
  async drop(unsent: Unsent) {
    await forget({ ...unsent, number: Number.MAX_SAFE_INTEGER });
    this.#waiting = await abandoned();
  }

  async #send(unsent: Unsent) {
    const { send } = channelOf(unsent.kind);
    try {
      await send(unsent.id, unsent.base, unsent.document, { window: unsent.window, number: unsent.number });
      await forget(unsent);
    } catch (error) {
      if (hadArrived(error)) {
        await forget(unsent);
        return;
      }
      const status = error instanceof Refusal ? error.status : 0;
      // What the server refuses is not sent again by itself; it is offered when the thing is opened.
      if (status >= 400 && status < 500) await remember({ ...unsent, refused: (error as Refusal).message });
    }
  }
}

export const unsentEdits = new UnsentEdits();

/** Asks before a page is left while something typed here is neither with the server nor on its way. */
export function askBeforeLeaving(event: BeforeUnloadEvent) {
  if ([...live].some((editor) => editor.isUnsent && editor.status !== 'changed')) event.preventDefault();
}
