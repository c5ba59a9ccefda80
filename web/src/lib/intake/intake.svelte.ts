import { api, need, type Schemas } from '$lib/api/client';
import { words } from '$lib/api/words';

/** What becomes of something that a file brings. */
export type Choice = 'take' | 'keep' | 'both';

/** Something that a file brings, and what becomes of it. */
export interface Offered {
  file: string;
  thing: Schemas['BroughtThing'];
  choice: Choice;
}

/** Nothing is overwritten by a default: what differs stays as it is here until the coach says otherwise. */
export const usual = (thing: Schemas['BroughtThing']): Choice =>
  thing.state === 'new' || thing.state === 'binned' ? 'take' : 'keep';

const bytes = (body: Blob, type: string) => ({
  body: body as never,
  bodySerializer: (content: unknown) => content as Blob,
  headers: { 'Content-Type': type }
});

const isStudio = (file: File) => file.name.toLowerCase().endsWith('.zip') || file.type === 'application/zip';

/** Files that are being taken in: one at a time for the whole application, whichever page they were dropped on. */
class Intake {
  looked = $state.raw<Schemas['IntakeView'][]>([]);
  offered = $state<Offered[]>([]);
  failed = $state('');
  /** What is being done, in words; empty while nothing is. */
  busy = $state('');
  /** What was taken last, until it is undone or put aside. */
  receipt = $state.raw<Schemas['Receipt'] | null>(null);
  /** Counts how often it was closed, so that what is read late knows whether it is still wanted. */
  #closed = 0;

  /** Counts what was taken and undone, for lists that show it. */
  generation = $state(0);

  readonly open = $derived(this.looked.length > 0 || this.busy !== '' || (this.failed !== '' && this.receipt === null));
  readonly wanted = $derived(this.offered.filter((one) => one.choice !== 'keep'));

  async look(files: Iterable<File>) {
    this.failed = '';
    const closed = this.#closed;
    for (const file of files) {
      // Whoever has closed it meanwhile wants nothing more of it.
      if (closed !== this.#closed) return;
      const query = { params: { query: { name: file.name.slice(0, 120) } } };
      await this.#read(file.name, () =>
        isStudio(file)
          ? need(api.POST('/api/intake/studio', { ...query, ...bytes(file, 'application/zip') }))
          : need(api.POST('/api/intake/file', { ...query, ...bytes(file, 'application/octet-stream') }))
      );
    }
  }

  /** The things of a backup that is here, one by one. */
  async lookInto(backup: string) {
    this.failed = '';
    await this.#read(backup, () =>
      need(api.POST('/api/intake/backups/{name}', { params: { path: { name: backup } } }))
    );
  }

  async #read(name: string, ask: () => Promise<Schemas['IntakeView']>) {
    const closed = this.#closed;
    this.busy = `Reading ${name} …`;
    try {
      const view = await ask();
      if (closed !== this.#closed) return;
      this.looked = [...this.looked, view];
      for (const thing of view.things) this.offered.push({ file: view.file, thing, choice: usual(thing) });
    } catch (error) {
      if (closed === this.#closed) this.failed = `${name}: ${words(error)}`;
    }
    if (closed === this.#closed) this.busy = '';
  }

  /** What something names and what neither is here nor comes along in another of the files. */
  missing(thing: Schemas['BroughtThing']): string[] {
    const along = new Set(this.offered.map((one) => `${one.thing.kind} ${one.thing.id}`));
    return thing.missing.filter((ref) => !along.has(ref));
  }

  /** The same for all that stand so to what is here. */
  choose(state: string, choice: Choice) {
    for (const one of this.offered) if (one.thing.state === state) one.choice = choice;
  }

  /** Takes what was chosen, all of it or nothing; answers whether it was. */
  async take(): Promise<boolean> {
    const things = this.wanted.map(({ thing, choice }) => ({
      kind: thing.kind,
      id: thing.id,
      how: choice === 'both' ? ('both' as const) : ('take' as const),
      document: thing.document,
      backup: thing.backup
    }));
    const file = this.looked
      .map((view) => view.file)
      .join(', ')
      .slice(0, 200);
    return this.#do('Taking in …', async () => {
      this.receipt = await need(api.POST('/api/intake', { body: { file, things } }));
      this.close();
    });
  }

  async undo(): Promise<boolean> {
    const { receipt } = this;
    if (!receipt) return false;
    return this.#do('Undoing …', async () => {
      await need(api.POST('/api/intake/undo', { body: receipt }));
      this.receipt = null;
    });
  }

  async #do(what: string, work: () => Promise<void>): Promise<boolean> {
    this.busy = what;
    this.failed = '';
    try {
      await work();
      this.generation += 1;
      return true;
    } catch (error) {
      this.failed = words(error);
      return false;
    } finally {
      this.busy = '';
    }
  }

  close() {
    this.#closed += 1;
    this.busy = '';
    this.looked = [];
    this.offered = [];
    this.failed = '';
  }
}

export const intake = new Intake();
