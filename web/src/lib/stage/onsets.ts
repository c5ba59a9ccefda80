import type { Schemas } from '$lib/api/client';

/** The beats on which anybody's step begins, in order. */
export function onsetsOf(motion: Pick<Schemas['MotionView'], 'rows'>): number[] {
  return [...new Set(motion.rows.map((row) => row.onset))].sort((a, b) => a - b);
}
