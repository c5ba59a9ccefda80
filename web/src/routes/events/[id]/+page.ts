import { api, need } from '$lib/api/client';

export async function load({ params }) {
  return { view: await need(api.GET('/api/events/{id}', { params: { path: { id: params.id } } })) };
}
