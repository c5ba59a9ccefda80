import { api, need } from '$lib/api/client';
import { settled } from '$lib/editing/live';

export async function load({ params }) {
  await settled();
  const [view, vocabulary] = await Promise.all([
    need(api.GET('/api/figures/{id}', { params: { path: { id: params.id } } })),
    need(api.GET('/api/vocabulary'))
  ]);
  return { view, vocabulary };
}
