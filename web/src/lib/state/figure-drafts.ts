import { api, need, outlivesPage, type Chart } from '$lib/api/client';

/** Keeps unsaved work on a figure, even while the page is being left. */
export async function keepDraft(id: string, baseVersion: number, chart: Chart): Promise<void> {
  const body = { baseVersion, chart };
  await need(api.PUT('/api/figures/{id}/draft', { params: { path: { id } }, body, keepalive: outlivesPage() }));
}

/** Gives unsaved work up. */
export async function dropDraft(id: string): Promise<void> {
  await need(api.DELETE('/api/figures/{id}/draft', { params: { path: { id } } }));
}
