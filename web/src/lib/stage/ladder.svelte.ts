/** A ladder of tempos: up by a step after so many clean runs of the loop, from one tempo to another. */
export class Ladder {
  /** Shares of the tempo meant. */
  from = $state(0.6);
  to = $state(1);
  by = $state(0.05);
  /** Clean runs for every step. */
  after = $state(2);
  #on = $state(false);
  #clean = $state(0);
  #soiled = false;

  get on() {
    return this.#on;
  }

  /** Clean runs at this tempo so far. */
  get clean() {
    return this.#clean;
  }

  /** Between two shares of the tempo meant, a step at a time. */
  between(from: number, to: number, by: number) {
    this.from = from;
    this.to = to;
    this.by = by;
  }

  /** Begins at the foot of the ladder, whose tempo it gives; or ends it. */
  toggle(): number | null {
    this.#on = !this.#on;
    this.#clean = 0;
    this.#soiled = false;
    return this.#on ? this.from : null;
  }

  /** The run under way was not clean and does not count. */
  soil() {
    this.#soiled = true;
  }

  /** A run is over; the tempo to go on at. */
  ran(rate: number): number {
    if (!this.#on) return rate;
    const clean = !this.#soiled;
    this.#soiled = false;
    if (!clean) {
      this.#clean = 0;
      return rate;
    }
    this.#clean++;
    if (this.#clean < this.after) return rate;
    this.#clean = 0;
    return Math.min(this.to, Math.round((rate + this.by) * 10000) / 10000);
  }
}
