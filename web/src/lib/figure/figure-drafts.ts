import { api, need, outlivesPage, type Chart, type FigureView } from '$lib/api/client';
import { compared, type Conflict } from '$lib/editing/conflict';
import type { Sent } from '$lib/editing/kinds';

/** One window's unsaved work on a figure at the server, and another's that it has gone on with. */
export class FigureDrafts {
  readonly #id: string;
  #adopted: Sent | null = null;

  constructor(id: string) {
    this.#id = id;
  }

  adopt({ window, number }: Sent) {
    this.#adopted = { window, number };
  }

  isAdopted(draft: Sent) {
    return draft.window === this.#adopted?.window;
  }

  /** It is saved, or given up. */
  settle() {
    this.#adopted = null;
  }

  /** What a save settles: this window's and the one gone on with. */
  with(sent: Sent): Sent[] {
    return this.#adopted ? [sent, this.#adopted] : [sent];
  }

  /** Keeps unsaved work, even while the page is being left. */
  readonly send = async (id: string, baseVersion: number, document: Chart, sent: Sent) => {
    const body = { baseVersion, document, sent, ...(this.#adopted ? { instead: this.#adopted } : {}) };
    const params = { path: { id } };
    await need(api.PUT('/api/figures/{id}/draft', { params, body, keepalive: outlivesPage() }));
    this.#adopted = null;
    return { version: baseVersion };
  };

  /** Gives it up. */
  async drop(sent: Sent) {
    for (const { window, number } of this.with(sent)) {
      const params = { path: { id: this.#id }, query: { window, number } };
      await need(api.DELETE('/api/figures/{id}/draft', { params }));
    }
  }

  /**
   * Unsaved work against the chart that stands; nothing where the two say the same. Where it cannot be read yet they cannot be
   * laid side by side.
   */
  async against(view: FigureView, mine: Chart): Promise<Conflict<Chart> | null> {
    const message = `This work was begun from an earlier version than the one that stands now, ${view.version}. Nothing is lost.`;
    const bare = { version: view.version, current: view.document, mine, message, differences: [] };
    const conflict = await compared('figure', this.#id, mine, message).catch(() => bare);
    return conflict !== bare && conflict.differences.length === 0 ? null : conflict;
  }
}
