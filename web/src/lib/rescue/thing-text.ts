import { channelOf, type Kind } from '$lib/editing/kinds';

/** Something kept that a page shows. */
export interface Thing {
  kind: Kind;
  id: string;
  /** What a coach calls it. */
  word: string;
}

const KINDS: Record<string, Kind> = {
  figures: 'figure',
  routines: 'routine',
  songs: 'song',
  events: 'event',
  people: 'couple',
  dancers: 'dancer',
  lessons: 'lesson',
  drills: 'drill',
  cards: 'card',
  practice: 'practice',
  classes: 'class'
};

/** What the page at a path is about; null for pages about nothing in particular. */
export function thingAt(path: string): Thing | null {
  const [, place = '', id = ''] = path.split('/');
  const kind = KINDS[place];
  return kind === undefined || id === '' ? null : { kind, id: decodeURIComponent(id), word: kind };
}

/** The thing as it is kept, to be read and mended by hand. */
export async function textOf(thing: Thing): Promise<string> {
  return JSON.stringify((await channelOf(thing.kind).get(thing.id)).document, null, 2);
}

/**
 * Keeps a text in the thing's place; a figure's as unsaved work.
 *
 * @throws SyntaxError if it is not JSON, Refusal if it says what the thing cannot be
 */
export async function keepText(thing: Thing, text: string): Promise<void> {
  const document = JSON.parse(text) as never;
  const { version } = await channelOf(thing.kind).get(thing.id);
  await channelOf(thing.kind).send(thing.id, version, document, { window: `by-hand-${Date.now()}`, number: 1 });
}
