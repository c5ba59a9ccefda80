/** Beats and seconds of a motion: straight lines between the seconds of whole beats, and on as at the ends. */
export class Timeline {
  readonly #seconds: readonly number[];

  constructor(seconds: readonly number[]) {
    this.#seconds = seconds.length > 1 ? seconds : [0, 1];
  }

  /** Seconds from beat 0 at the tempo meant. */
  seconds(beat: number): number {
    const all = this.#seconds;
    const whole = Math.max(0, Math.min(all.length - 2, Math.floor(beat)));
    const from = all[whole] ?? 0;
    return from + (beat - whole) * ((all[whole + 1] ?? 0) - from);
  }

  /** The beat at so many seconds. */
  beat(seconds: number): number {
    const all = this.#seconds;
    let low = 0;
    let high = all.length - 2;
    while (low < high) {
      const middle = (low + high + 1) >> 1;
      if ((all[middle] ?? 0) <= seconds) low = middle;
      else high = middle - 1;
    }
    const from = all[low] ?? 0;
    return low + (seconds - from) / ((all[low + 1] ?? 0) - from);
  }
}
