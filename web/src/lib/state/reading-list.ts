import { api, need, Refusal, type Schemas } from '$lib/api/client';
import type { Settings } from './settings.svelte';

/**
 * The list that the library is read by. One that has been deleted since gives way to the starter; if the server does not
 * answer the choice stays, and the refusal is thrown on.
 */
export async function readingList(settings: Pick<Settings, 'list' | 'prefer'>): Promise<Schemas['ListView']> {
  const id = settings.list;
  try {
    return await need(api.GET('/api/lists/{id}', { params: { path: { id } } }));
  } catch (error) {
    if (id === 'starter' || !(error instanceof Refusal) || error.status !== 404) throw error;
    settings.prefer({ list: 'starter' });
    return need(api.GET('/api/lists/{id}', { params: { path: { id: 'starter' } } }));
  }
}
