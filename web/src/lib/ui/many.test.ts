import { expect, it } from 'vitest';
import { many } from './many';

it('says one in the singular and everything else in the plural', () => {
  expect([1, 2, 0, '1', '1/2', '3/4', '1 1/2'].map((count) => many(count, 'beat'))).toEqual([
    '1 beat',
    '2 beats',
    '0 beats',
    '1 beat',
    '1/2 beat',
    '3/4 beat',
    '1 1/2 beats'
  ]);
});
