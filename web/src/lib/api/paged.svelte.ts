import { words } from './words';

interface Page<L> {
  lines: L[];
  total: number;
  next?: string;
}

/** A long list, read page by page; a search begins it anew, and the latest question wins. */
export class Paged<L> {
  #lines = $state.raw<L[] | null>(null);
  #total = $state(0);
  #next = $state<string | undefined>();
  #failed = $state('');
  #query = '';
  #asked = 0;
  readonly #page: (q: string, after: string) => Promise<Page<L>>;

  constructor(page: (q: string, after: string) => Promise<Page<L>>) {
    this.#page = page;
  }

  /** Null before the first answer. */
  get lines() {
    return this.#lines;
  }
  get total() {
    return this.#total;
  }
  get hasMore() {
    return this.#next !== undefined;
  }
  get failed() {
    return this.#failed;
  }

  async open(query = this.#query) {
    this.#query = query;
    await this.#read('');
  }

  async more() {
    if (this.#next !== undefined) await this.#read(this.#next);
  }

  async #read(after: string) {
    const mine = ++this.#asked;
    try {
      const page = await this.#page(this.#query, after);
      if (mine !== this.#asked) return;
      this.#lines = after === '' ? page.lines : [...(this.#lines ?? []), ...page.lines];
      this.#total = page.total;
      this.#next = page.next;
      this.#failed = '';
    } catch (error) {
      if (mine === this.#asked) this.#failed = words(error);
    }
  }
}
