import { expect, it } from 'vitest';
import type { Chart, Schemas } from '$lib/api/client';
import { rewrite } from './rewrite';

const chart = (name: string) => ({ name }) as Chart;

class Desk {
  chart = chart('as it was');
  said = '';
  take(taken: Chart, message: string) {
    this.chart = taken;
    this.said = message;
  }
}

const answer = (made?: Chart) => ({ chart: made, words: made ? 'done' : 'It cannot be done.' }) as Schemas['Changed'];

it('takes what was made of the chart', async () => {
  const desk = new Desk();
  expect(await rewrite(desk, async (now) => answer(chart(`${now.name}, shared`)))).toBe('');
  expect(desk.chart.name).toBe('as it was, shared');
  expect(desk.said).toBe('done');
});

it('leaves alone what was typed while it was made, and of two at once takes one', async () => {
  const desk = new Desk();
  const answers: ((made: Schemas['Changed']) => void)[] = [];
  const slow = () => rewrite(desk, () => new Promise((resolve) => answers.push(resolve)));
  const [first, second] = [slow(), slow()];
  answers[1]?.(answer(chart('the second')));
  expect(await second).toBe('');
  answers[0]?.(answer(chart('the first, late')));
  expect(await first).toContain('changed meanwhile');
  expect(desk.chart.name).toBe('the second');
});

it('says why not, be it an answer or a failure', async () => {
  const desk = new Desk();
  expect(await rewrite(desk, async () => answer())).toBe('It cannot be done.');
  expect(await rewrite(desk, () => Promise.reject(new Error('gone')))).not.toBe('');
  expect(desk.chart.name).toBe('as it was');
});
