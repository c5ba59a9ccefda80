/** The outline of a stretch of sound as a path: loudest above and below the middle for each point across. */
export function outline(
  sound: Float32Array,
  rate: number,
  stretch: { from: number; to: number },
  size: { width: number; height: number }
): string {
  const { width, height } = size;
  const above: string[] = [];
  const below: string[] = [];
  const middle = height / 2;
  const each = ((stretch.to - stretch.from) * rate) / width;
  for (let x = 0; x < width; x++) {
    const first = Math.floor(stretch.from * rate + x * each);
    const last = Math.max(first + 1, Math.floor(stretch.from * rate + (x + 1) * each));
    // A coarse look is enough where thousands of samples share a point.
    const step = Math.max(1, Math.floor((last - first) / 64));
    let most = 0;
    for (let i = Math.max(0, first); i < Math.min(last, sound.length); i += step) {
      most = Math.max(most, Math.abs(sound[i] ?? 0));
    }
    const half = Math.round(most * middle * 10) / 10;
    above.push(`${x},${middle - half}`);
    below.push(`${x},${middle + half}`);
  }
  return `M${above.join('L')}L${below.reverse().join('L')}Z`;
}

/** The index of the beat nearest to a moment; -1 where there are none. */
export function nearestBeat(beats: readonly number[], second: number): number {
  let nearest = -1;
  for (let i = 0; i < beats.length; i++) {
    if (nearest < 0 || Math.abs((beats[i] ?? 0) - second) < Math.abs((beats[nearest] ?? 0) - second)) nearest = i;
  }
  return nearest;
}

/** Bar and beat of an index among the beats, both from 1; bars before the first count down from 0. */
export function placeOf(index: number, one: number, beatsPerBar: number): { bar: number; beat: number } {
  const from = index - one;
  const bar = Math.floor(from / beatsPerBar);
  return { bar: bar + 1, beat: from - bar * beatsPerBar + 1 };
}
