import { api, need } from '$lib/api/client';

export async function load() {
  return { terms: await need(api.GET('/api/glossary')) };
}
