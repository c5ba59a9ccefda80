import { api, need, Refusal, type Schemas } from '$lib/api/client';
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

/** Both sides of a stale save; nothing for another failure. */
export const sidesOf = (error: unknown) =>
  error instanceof Refusal ? (error.details.sides as Schemas['Sides'] | undefined) : undefined;

/** Whether what was refused is what stands: it had reached the server, and only the answer was lost. */
export const hadArrived = (error: unknown) => sidesOf(error)?.differences.length === 0;

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
