import { api, need } from '$lib/api/client';
import { settled } from '$lib/editing/live';

export async function load({ params }) {
  await settled();
  return { view: await need(api.GET('/api/classes/{id}', { params: { path: { id: params.id } } })) };
}
