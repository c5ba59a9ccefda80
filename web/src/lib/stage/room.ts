import type { Schemas } from '$lib/api/client';
import type { Box } from '$lib/floor/geometry';
import type { Dancer } from './dancer';

/** Between these a dancer can be drawn, in centimetres. */
export const SMALLEST = 120;
export const TALLEST = 220;

/** Metres of floor around what is danced where there is no hall. */
const AROUND = 2.2;
const LEAST = 6;

/** The floor to be shown: the hall, or enough around the way of the couple. */
export function room(motion: Schemas['MotionView'], dancers: readonly Dancer[]): Box {
  if (motion.hall.width > 0) return { x: 0, y: 0, width: motion.hall.length, height: motion.hall.width };
  let [left, right, top, bottom] = [0, 0, 0, 0];
  for (let beat = motion.from; beat <= motion.end; beat += 0.5) {
    for (const dancer of dancers) {
      dancer.pose(beat);
      left = Math.min(left, dancer.hips.x);
      right = Math.max(right, dancer.hips.x);
      top = Math.min(top, dancer.hips.y);
      bottom = Math.max(bottom, dancer.hips.y);
    }
  }
  const width = Math.max(LEAST, right - left + 2 * AROUND);
  const height = Math.max(LEAST, bottom - top + 2 * AROUND);
  return { x: (left + right - width) / 2, y: (top + bottom - height) / 2, width, height };
}
