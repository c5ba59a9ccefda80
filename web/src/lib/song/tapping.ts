/** Taps further apart than this begin a new count. */
const PAUSE_MS = 3000;
const MOST = 24;

/** The taps still counted after one more, in milliseconds. */
export function tap(taps: number[], now: number): number[] {
  const last = taps.at(-1);
  return last !== undefined && now - last > PAUSE_MS ? [now] : [...taps, now].slice(-MOST);
}

/** Bars a minute of taps on every beat, to a tenth; none of fewer than four taps. */
export function barsPerMinute(taps: number[], beatsPerBar: number): number | null {
  if (taps.length < 4) return null;
  // The middle one of all distances: one slip of the finger does not move it.
  const gaps = taps.slice(1).map((at, i) => at - (taps[i] ?? at));
  const sorted = [...gaps].sort((a, b) => a - b);
  const middle = sorted[Math.floor(sorted.length / 2)] ?? 0;
  const near = gaps.filter((gap) => Math.abs(gap - middle) < middle * 0.25);
  const mean = near.reduce((sum, gap) => sum + gap, 0) / near.length;
  return Math.round(600000 / (mean * beatsPerBar)) / 10;
}
