import { api, need } from '$lib/api/client';

export async function load() {
  return { rules: await need(api.GET('/api/rules')) };
}
