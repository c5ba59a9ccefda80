import type { Dancer } from './dancer';

/** Beats between two looks along a turn. */
const STEP = 1 / 64;
/** How often such a step is halved to find the beat of a degree. */
const FINER = 14;
const DEGREES = 180 / Math.PI;

/** How a body turns between two beats, in degrees to the right. */
export class Turning {
  readonly from: number;
  readonly to: number;
  readonly #dancer: Dancer;
  readonly #begins: number;
  /** All of it, in degrees. */
  readonly whole: number;

  constructor(dancer: Dancer, from: number, to: number) {
    this.#dancer = dancer;
    this.from = from;
    this.to = to;
    this.#begins = dancer.turnedAt(from);
    this.whole = this.at(to);
  }

  /** What has been turned by a beat. */
  at(beat: number): number {
    const on = Math.max(this.from, Math.min(this.to, beat));
    return (this.#dancer.turnedAt(on) - this.#begins) * DEGREES;
  }

  /** The first beat by which so many degrees have been turned, towards the side to which it goes on the whole. */
  beatOf(degrees: number): number {
    const side = Math.sign(this.whole);
    for (let beat = this.from; beat < this.to; beat += STEP) {
      if (this.at(beat + STEP) * side < degrees) continue;
      let [low, high] = [beat, beat + STEP];
      for (let halving = 0; halving < FINER; halving++) {
        const middle = (low + high) / 2;
        if (this.at(middle) * side >= degrees) high = middle;
        else low = middle;
      }
      return Math.min(high, this.to);
    }
    return this.to;
  }
}
