import { api, need } from '$lib/api/client';

export const ssr = false;
export const prerender = false;

export async function load() {
  const access = await need(api.GET('/api/access'));
  return { access, dances: access.visitor === 'stranger' ? [] : await need(api.GET('/api/dances')) };
}
