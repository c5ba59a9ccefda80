import { expect, it } from 'vitest';
import { DETAILS, kept } from './detail';

it('keeps what is said and leaves out what is meant anyhow', () => {
  expect(DETAILS.map(kept)).toEqual([undefined, 'settled', 'advanced']);
  expect(kept('')).toBeUndefined();
  expect(kept('for masters')).toBeUndefined();
});
