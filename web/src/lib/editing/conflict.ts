import { api, need, type Schemas } from '$lib/api/client';
import type { Documents, Kind } from './kinds';

/** Both sides after somebody else saved first. */
export interface Conflict<T> {
  /** The version that stands now. */
  version: number;
  current: T;
  mine: T;
  message: string;
  differences: Schemas['Difference'][];
}

/** Both sides as the server tells them, with what stands here as mine. */
export function conflictOf<T>(sides: Schemas['Sides'], message: string, mine: T): Conflict<T> {
  return {
    version: sides.version,
    current: sides.current as unknown as T,
    mine,
    message,
    differences: sides.differences
  };
}

/** What stands against what somebody has here; nothing is sent to be kept. */
export async function compared<K extends Kind>(
  kind: K,
  id: string,
  mine: Documents[K],
  message: string
): Promise<Conflict<Documents[K]>> {
  const params = { path: { kind, id } };
  const sides = await need(api.POST('/api/kept/{kind}/{id}/differences', { params, body: mine as never }));
  return conflictOf(sides, message, mine);
}
