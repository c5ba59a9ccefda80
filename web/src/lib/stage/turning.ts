import type { Dancer } from './dancer';

/** Beats between two looks along a turn. */
const STEP = 1 / 64;
const DEGREES = 180 / Math.PI;

/** How a body turns between two beats, in degrees to the right. */
export class Turning {
  readonly from: number;
  readonly to: number;
  readonly #dancer: Dancer;
  readonly #begins: number;

  constructor(dancer: Dancer, from: number, to: number) {
    this.#dancer = dancer;
    this.from = from;
    this.to = to;
    this.#begins = dancer.turnedAt(from);
  }

  /** All of it. */
  get whole(): number {
    return this.at(this.to);
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
      if (this.at(beat) * side >= degrees - 1e-6) return beat;
    }
    return this.to;
  }
}
