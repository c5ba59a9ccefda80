export interface Timed {
  onset: number;
  length: number;
}

export interface Place {
  top: number;
  height: number;
}

/** Pixels of a beat in an ordinary chart. */
export const BEAT = 86;
/** The least height in which a row can be read. */
export const LEAST = 78;

/**
 * Where every row stands: as high as it lasts, with one scale for both roles. Rows that are charted but not worked out
 * yet follow below, so that nothing typed is out of sight.
 */
export function spinePlaces(rows: { man: Timed[]; lady: Timed[] }, charted: { man: number; lady: number }) {
  const lengths = [...rows.man, ...rows.lady].map((row) => row.length).filter((length) => length > 0);
  const scale = Math.max(BEAT, LEAST / Math.min(1, ...lengths));
  const places = (timed: Timed[], count: number): Place[] => {
    const known = timed.slice(0, count).map((row) => ({ top: row.onset * scale, height: row.length * scale }));
    let bottom = known.reduce((most, place) => Math.max(most, place.top + place.height), 0);
    while (known.length < count) {
      known.push({ top: bottom, height: LEAST });
      bottom += LEAST;
    }
    return known;
  };
  const man = places(rows.man, charted.man);
  const lady = places(rows.lady, charted.lady);
  const height = [...man, ...lady].reduce((most, place) => Math.max(most, place.top + place.height), LEAST);
  return { scale, man, lady, height };
}
