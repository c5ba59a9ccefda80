import { api, need, Refusal, type Schemas } from '$lib/api/client';
import { levelsOf, type Levels } from './levels';
import type { Settings } from '$lib/settings/settings.svelte';

/** A list by which the library is read. */
export interface ReadingList {
  id: string;
  name: string;
  starter: boolean;
  levels: Levels;
  view: Schemas['ListView'];
}

/**
 * The list that the library is read by. One that has been deleted since gives way to the starter; if the server does not
 * answer the choice stays, and the refusal is thrown on.
 */
export async function readingList(settings: Pick<Settings, 'list' | 'prefer'>): Promise<ReadingList> {
  const id = settings.list;
  try {
    return await read(id);
  } catch (error) {
    const gone = error instanceof Refusal && (error.status === 404 || error.status === 410);
    if (id === 'starter' || !gone) throw error;
    settings.prefer({ list: 'starter' });
    return read('starter');
  }
}

async function read(id: string): Promise<ReadingList> {
  const view = await need(api.GET('/api/lists/{id}', { params: { path: { id } } }));
  return { id: view.id, name: view.document.name, starter: view.starter, levels: levelsOf(view.document), view };
}
