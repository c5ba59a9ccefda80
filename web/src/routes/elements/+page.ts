import { api, need } from '$lib/api/client';

export async function load() {
  return { elements: await need(api.GET('/api/elements')) };
}
