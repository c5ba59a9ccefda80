/** One number over time: knots of beat, value and slope, and the cubic between them; nothing is allocated while it is read. */
export class Sampler {
  readonly #knots: readonly number[];
  #from = 0;

  constructor(knots: readonly number[]) {
    this.#knots = knots;
  }

  /** The value at a beat; before the first knot and after the last it stays as there. */
  at(beat: number): number {
    const knots = this.#knots;
    const last = knots.length - 3;
    if (last < 0) return 0;
    if (beat <= (knots[0] ?? 0)) return knots[1] ?? 0;
    if (beat >= (knots[last] ?? 0)) return knots[last + 1] ?? 0;
    let i = this.#from;
    if ((knots[i] ?? 0) > beat) i = 0;
    while ((knots[i + 3] ?? Infinity) <= beat) i += 3;
    this.#from = i;
    const start = knots[i] ?? 0;
    const length = (knots[i + 3] ?? 0) - start;
    const s = (beat - start) / length;
    const rest = 1 - s;
    return (
      (knots[i + 1] ?? 0) * rest * rest * (1 + 2 * s) +
      (knots[i + 4] ?? 0) * s * s * (3 - 2 * s) +
      length * s * rest * ((knots[i + 2] ?? 0) * rest - (knots[i + 5] ?? 0) * s)
    );
  }
}
