import { expect, it } from 'vitest';
import { clock } from './clock';

it('says minutes and seconds, tenths only where there are any', () => {
  expect(clock(0)).toBe('0:00');
  expect(clock(65.5)).toBe('1:05.5');
  expect(clock(59.96)).toBe('1:00');
  expect(clock(120)).toBe('2:00');
});
