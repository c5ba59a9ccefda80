import { api, need, type Chart, type RoutineDraft, type Schemas } from '$lib/api/client';
import { keepDraft } from './figure-drafts';

/** Something kept that a page shows. */
export interface Thing {
  kind: 'figures' | 'routines' | 'songs' | 'events';
  id: string;
  /** What a coach calls it. */
  word: string;
}

const WORDS = { figures: 'figure', routines: 'routine', songs: 'song', events: 'event' } as const;

/** What the page at a path is about; null for pages about nothing in particular. */
export function thingAt(path: string): Thing | null {
  const [, kind = '', id = ''] = path.split('/');
  if (!(kind in WORDS) || id === '') return null;
  return { kind: kind as Thing['kind'], id: decodeURIComponent(id), word: WORDS[kind as Thing['kind']] };
}

const path = (thing: Thing) => ({ params: { path: { id: thing.id } } });

async function kept(thing: Thing): Promise<{ version: number; document: unknown }> {
  switch (thing.kind) {
    case 'figures': {
      const view = await need(api.GET('/api/figures/{id}', path(thing)));
      return { version: view.version, document: view.draft?.chart ?? view.chart };
    }
    case 'routines': {
      const view = await need(api.GET('/api/routines/{id}', path(thing)));
      return { version: view.version, document: view.routine };
    }
    case 'songs': {
      const view = await need(api.GET('/api/songs/{id}', path(thing)));
      return { version: view.version, document: view.song };
    }
    default: {
      const view = await need(api.GET('/api/events/{id}', path(thing)));
      return { version: view.version, document: view.event };
    }
  }
}

/** The thing as it is kept, to be read and mended by hand. */
export async function textOf(thing: Thing): Promise<string> {
  return JSON.stringify((await kept(thing)).document, null, 2);
}

/**
 * Keeps a text in the thing's place; a figure's as unsaved work.
 *
 * @throws SyntaxError if it is not JSON, Refusal if it says what the thing cannot be
 */
export async function keepText(thing: Thing, text: string): Promise<void> {
  const document: unknown = JSON.parse(text);
  const expectedVersion = (await kept(thing)).version;
  switch (thing.kind) {
    case 'figures':
      await keepDraft(thing.id, expectedVersion, document as Chart);
      break;
    case 'routines':
      await need(
        api.PUT('/api/routines/{id}', { ...path(thing), body: { expectedVersion, routine: document as RoutineDraft } })
      );
      break;
    case 'songs':
      await need(
        api.PUT('/api/songs/{id}', {
          ...path(thing),
          body: { expectedVersion, song: document as Schemas['SongDraft'] }
        })
      );
      break;
    default:
      await need(
        api.PUT('/api/events/{id}', {
          ...path(thing),
          body: { expectedVersion, event: document as Schemas['EventDraft'] }
        })
      );
  }
}
