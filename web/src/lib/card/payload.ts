import type { Schemas } from '$lib/api/client';

/** Something on the card that can be danced. */
export interface Piece {
  name: string;
  motion: Schemas['MotionView'];
}

/** Something to practise on a day. */
export interface Task {
  /** By which it is known when the card is opened again. */
  key: string;
  day: string;
  name: string;
  minutes: number;
  why: string;
  /** Bars a minute, where a tempo is set. */
  from?: number;
  to?: number;
  /** Which piece it is, from 0; none for what cannot be danced here. */
  piece?: number;
}

/** All that a card holds. */
export interface Payload {
  title: string;
  whom: string;
  made: string;
  roles: Readonly<Record<'man' | 'lady', string>>;
  tasks: readonly Task[];
  pieces: readonly Piece[];
  /** What was left out so that the card stays small enough. */
  leftOut: readonly string[];
  bands: Readonly<Record<string, Schemas['DanceBand']>>;
}

/** Unpacks what the server has put into the page. */
export async function unpack(packed: string): Promise<Payload> {
  const bytes = Uint8Array.from(atob(packed.trim()), (letter) => letter.charCodeAt(0));
  const stream = new Blob([bytes]).stream().pipeThrough(new DecompressionStream('gzip'));
  return (await new Response(stream).json()) as Payload;
}

/** Cards opened on one phone keep their ticks apart. */
const keyOf = (title: string) => `fluidframe.card ${title}`;

/** The tasks ticked so far; none in a browser that keeps nothing for files. */
export function ticked(title: string): string[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(title)) ?? '[]');
    return Array.isArray(kept) ? kept.map(String) : [];
  } catch {
    return [];
  }
}

export function keepTicked(title: string, keys: readonly string[]) {
  try {
    localStorage.setItem(keyOf(title), JSON.stringify(keys));
  } catch {
    // A browser that keeps nothing for files shows the ticks as long as the card is open.
  }
}
