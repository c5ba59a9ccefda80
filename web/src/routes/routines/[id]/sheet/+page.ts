import { api, need } from '$lib/api/client';

export async function load({ params }) {
  const [view, terms] = await Promise.all([
    need(api.GET('/api/routines/{id}', { params: { path: { id: params.id } } })),
    need(api.GET('/api/routine-terms'))
  ]);
  return { view, terms };
}
