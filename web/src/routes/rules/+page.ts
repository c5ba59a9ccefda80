import { api, need } from '$lib/api/client';

export async function load() {
  const [rules, examples] = await Promise.all([need(api.GET('/api/rules')), need(api.GET('/api/rules/examples'))]);
  return { rules, examples };
}
