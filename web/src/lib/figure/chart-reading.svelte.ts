import { api, need, type Chart, type FigureView } from '$lib/api/client';

/** How a chart is shown: a variant, another timing, a school's options, a tempo in bars a minute (0 for the usual one). */
export interface Reading {
  variant: string;
  timing: string;
  options: string[];
  tempo: number;
}

const AS_CHARTED: Reading = { variant: '', timing: '', options: [], tempo: 0 };

/** The way in which a reader has a chart shown; the chart itself is never changed by it. */
export class ChartReading {
  #wanted = $state.raw<Reading>(AS_CHARTED);
  #chart = $state.raw<Chart | null>(null);
  #repeats = $state.raw<readonly number[]>([]);
  #repeated = $state.raw<FigureView['work'] | null>(null);

  get wanted() {
    return this.#wanted;
  }
  /** The chart as read; null while it is shown as charted. */
  get chart() {
    return this.#chart;
  }
  get repeats() {
    return this.#repeats;
  }
  /** The work with the repeated steps as often as asked; null for once. */
  get repeated() {
    return this.#repeated;
  }
  get query() {
    const { variant, timing, options, tempo } = this.#wanted;
    return { variant, timing, option: options, tempo };
  }

  want(change: Partial<Reading>) {
    if (change.variant !== undefined && change.variant !== this.#wanted.variant) this.#repeats = [];
    this.#wanted = { ...this.#wanted, ...change };
  }

  /** What the server made of the chart in the reading wanted. */
  show(chart: Chart | undefined) {
    const { variant, timing, options } = this.#wanted;
    const other = variant !== '' || timing !== '' || options.length > 0;
    this.#chart = other ? (chart ?? null) : null;
  }

  /** Back to the chart as it is, at the same tempo. */
  leave() {
    this.#wanted = { ...AS_CHARTED, tempo: this.#wanted.tempo };
    this.#chart = null;
  }

  reset() {
    this.#wanted = AS_CHARTED;
    this.#chart = null;
    this.#repeats = [];
    this.#repeated = null;
  }

  /** Works out the chart with its stretches of repeated steps danced so many times each, in the variant shown. */
  async repeat(chart: Chart, times = this.#repeats) {
    this.#repeats = times;
    if (times.every((often) => often <= 1)) {
      this.#repeated = null;
      return;
    }
    const { variant } = this.#wanted;
    const answer = await need(
      api.POST('/api/work', { body: chart, params: { query: { variant, repeats: [...times] } } })
    );
    if (times === this.#repeats) this.#repeated = answer.work ?? null;
  }
}
