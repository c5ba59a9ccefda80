import { api, need } from '$lib/api/client';
import { settled } from '$lib/editing/live';

export async function load({ params }) {
  await settled();
  const { kind } = await need(api.GET('/api/records/{whom}', { params: { path: { whom: params.id } } }));
  const path = { params: { path: { id: params.id } } };
  return kind === 'group'
    ? { group: await need(api.GET('/api/groups/{id}', path)) }
    : { couple: await need(api.GET('/api/couples/{id}', path)) };
}
