export interface Timed {
  onset: number;
  length: number;
  /** The least height in pixels in which this row can be read, where it is not the usual one. */
  need?: number;
}

export interface Place {
  top: number;
  height: number;
}

/** Pixels of a beat in an ordinary chart, and the height of a row of which nothing more is known. */
export const BEAT = 58;
export const LEAST = 46;

/** Where a beat stands on the spine, in pixels from the top. */
export type Scale = (beat: number) => number;

/**
 * The scale of the count: every stretch between two moments at which somebody steps is as high as it lasts, but no row is
 * too low to be read, so that a step of a quarter beat keeps its cells and both roles keep one count.
 */
export function spineScale(rows: Timed[], beats: number, least = LEAST, beat = BEAT): Scale {
  const moments = [...new Set([0, ...rows.flatMap((r) => [r.onset, r.onset + r.length]), beats])].sort((a, b) => a - b);
  const tops = [0];
  for (let i = 1; i < moments.length; i++) {
    const from = moments[i - 1] ?? 0;
    const to = moments[i] ?? 0;
    let top = (tops[i - 1] ?? 0) + Math.max(8, (to - from) * beat);
    for (const row of rows) {
      if (Math.abs(row.onset + row.length - to) > 1e-9) continue;
      const began = moments.findIndex((m) => Math.abs(m - row.onset) < 1e-9);
      top = Math.max(top, (tops[began] ?? 0) + (row.need ?? least));
    }
    tops.push(top);
  }
  return (at) => {
    const next = moments.findIndex((m) => m >= at - 1e-9);
    if (next < 0) return tops.at(-1) ?? 0;
    const to = moments[next] ?? 0;
    if (next === 0 || Math.abs(to - at) < 1e-9) return tops[next] ?? 0;
    const from = moments[next - 1] ?? 0;
    const share = (at - from) / (to - from);
    return (tops[next - 1] ?? 0) + share * ((tops[next] ?? 0) - (tops[next - 1] ?? 0));
  };
}

/** Where every row stands. Rows that are charted but not worked out yet follow below, so that nothing typed is lost. */
export function spinePlaces(
  rows: { man: Timed[]; lady: Timed[] },
  charted: { man: number; lady: number },
  least = LEAST
) {
  const all = [...rows.man, ...rows.lady];
  const beats = all.reduce((most, row) => Math.max(most, row.onset + row.length), 0);
  const scale = spineScale(all, beats, least);
  const places = (timed: Timed[], count: number): Place[] => {
    const known = timed.slice(0, count).map((row) => {
      const top = scale(row.onset);
      return { top, height: scale(row.onset + row.length) - top };
    });
    let bottom = known.reduce((most, place) => Math.max(most, place.top + place.height), 0);
    while (known.length < count) {
      known.push({ top: bottom, height: least });
      bottom += least;
    }
    return known;
  };
  const man = places(rows.man, charted.man);
  const lady = places(rows.lady, charted.lady);
  const height = [...man, ...lady].reduce((most, place) => Math.max(most, place.top + place.height), least);
  return { scale, man, lady, height };
}
