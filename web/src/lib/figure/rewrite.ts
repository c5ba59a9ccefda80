import type { Chart, Schemas } from '$lib/api/client';
import { words } from '$lib/api/words';

/** Whoever holds a chart that can be taken anew. */
interface Desk {
  readonly chart: Chart;
  take(chart: Chart, message: string): void;
}

/**
 * Takes what the server makes of a chart, unless the chart has been changed while it was made: nothing typed is lost.
 * @param make asks the server with the chart as it is now
 * @returns why nothing was taken; blank once it is
 */
export async function rewrite(desk: Desk, make: (chart: Chart) => Promise<Schemas['Changed']>): Promise<string> {
  try {
    const before = desk.chart;
    const made = await make(before);
    if (!made.chart) return made.words;
    if (desk.chart !== before) return 'The chart has been changed meanwhile: do it again.';
    desk.take(made.chart, made.words);
    return '';
  } catch (error) {
    return words(error);
  }
}
