import { api, need } from '$lib/api/client';
import { settled } from '$lib/editing/live';

export async function load({ params }) {
  await settled();
  const [view, terms] = await Promise.all([
    need(api.GET('/api/routines/{id}', { params: { path: { id: params.id } } })),
    need(api.GET('/api/routine-terms'))
  ]);
  return { view, terms };
}
