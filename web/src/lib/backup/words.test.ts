import { describe, expect, it } from 'vitest';
import { size } from './words';

describe('size', () => {
  it.each([
    [0, '0 bytes'],
    [999, '999 bytes'],
    [1000, '1.0 kB'],
    [3_811_118, '3.8 MB'],
    [250_000_000, '250 MB'],
    [4e12, '4000 GB']
  ])('says %d as %s', (bytes, said) => {
    expect(size(bytes)).toBe(said);
  });
});
