import { expect, test } from 'vitest';
import type { Chart } from '$lib/api/client';
import { placeOf } from './piece-words';

const chart = {
  options: [{ id: 'a', name: 'First' }, { id: 'no-rise' }],
  parts: [{ steps: '1-x' }],
  man: [{}]
} as unknown as Chart;
const at = (path: string) => placeOf({ line: 0, column: 0, path, message: '' }, chart);

test('names the line that cannot be read by its number and its words', () => {
  expect(at('/options/1/edits/0/key')).toBe('Options 2, “no-rise”');
  expect(at('/parts/0/steps')).toBe('Parts 1, “1-x”');
  expect(at('/timings/4')).toBe('Other timings 5');
  expect(at('/start/hold')).toBe('The start');
  expect(at('/man/2')).toBe('{Man} 3');
  expect(at('')).toBe('');
});
