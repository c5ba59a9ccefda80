import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Documents, Kind } from './kinds';

/** An edit that the server has not acknowledged. */
export interface Unsent<K extends Kind = Kind> {
  kind: K;
  id: string;
  /** Which editor it is of. */
  window: string;
  /** Counts the editor's states. */
  number: number;
  /** The version it was begun from. */
  base: number;
  name: string;
  document: Documents[K];
  /** When it was typed, in milliseconds. */
  at: number;
  /** Why the server does not take it as it is; it is not sent again by itself. */
  refused?: string;
}

interface Schema extends DBSchema {
  unsent: { key: [string, string, string]; value: Unsent };
}

let opened: Promise<IDBPDatabase<Schema>> | undefined;

function database() {
  opened ??= openDB<Schema>('fluid-frame', 1, {
    upgrade(db) {
      db.createObjectStore('unsent', { keyPath: ['kind', 'id', 'window'] });
    },
    terminated() {
      opened = undefined;
    }
  });
  return opened;
}

/** A browser that keeps nothing must not stop anybody from working. */
async function tried<R>(work: (db: IDBPDatabase<Schema>) => Promise<R>, otherwise: R): Promise<R> {
  try {
    return await work(await database());
  } catch {
    return otherwise;
  }
}

/** Keeps an edit in this browser until it is acknowledged. */
export const remember = (unsent: Unsent) => tried((db) => db.put('unsent', unsent).then(() => true), false);

/** What was acknowledged is forgotten, unless the editor has gone on since. */
export const forget = (unsent: Pick<Unsent, 'kind' | 'id' | 'window' | 'number'>) =>
  tried(async (db) => {
    const store = db.transaction('unsent', 'readwrite').store;
    const key: [string, string, string] = [unsent.kind, unsent.id, unsent.window];
    const kept = await store.get(key);
    if (kept && kept.number <= unsent.number) await store.delete(key);
  }, undefined);

/** The newest first. */
export const everything = () =>
  tried(async (db) => (await db.getAll('unsent')).sort((a, b) => b.at - a.at), [] as Unsent[]);

const lockOf = (window: string) => `fluid-frame-editor-${window}`;

/** Holds an editor's edits for as long as it lives; without locks in this browser they are anybody's after a while. */
export function hold(window: string): () => void {
  let release = () => {};
  const until = new Promise<void>((resolve) => (release = resolve));
  void navigator.locks?.request(lockOf(window), () => until);
  return () => release();
}

/** Does it in one window at a time; not at all here while another does. */
export async function alone(work: () => Promise<void>): Promise<void> {
  if (!navigator.locks) return work();
  await navigator.locks.request('fluid-frame-sending', { ifAvailable: true }, (lock) => (lock ? work() : undefined));
}

const ABANDONED = 20_000;

/** Edits of editors that are no more, the newest first. */
export async function abandoned(): Promise<Unsent[]> {
  const all = await everything();
  if (all.length === 0) return all;
  const held = await navigator.locks?.query();
  if (!held) return all.filter((unsent) => Date.now() - unsent.at > ABANDONED);
  const names = new Set((held.held ?? []).map((lock) => lock.name));
  return all.filter((unsent) => !names.has(lockOf(unsent.window)));
}
