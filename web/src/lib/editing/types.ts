import type { Channel, Documents, Kind } from './kinds';

/** The kinds of things that have a name of their own. */
export type Named = Exclude<Kind, 'lesson' | 'practice' | 'class'>;

/** Where the edits stand: with the server, on their way, or only here. */
export type Status = 'kept' | 'changed' | 'away' | 'refused' | 'stale';

/** What an editor begins with. */
export interface Kept<T> {
  id: string;
  version: number;
  document: T;
}

export interface Options<K extends Kind> {
  /** Sends instead of the kind's own channel. */
  send?: Channel<K>['send'];
  /** Told of every new state: after a change, an undo, another side taken. */
  onchange?: (document: Documents[K]) => void;
  /** What is said when everything is with the server. */
  kept?: string;
}
