import { api, need } from '$lib/api/client';

export const ssr = false;
export const prerender = false;

export async function load() {
  return { dances: await need(api.GET('/api/dances')) };
}
