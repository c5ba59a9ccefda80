import { describe, expect, it } from 'vitest';
import { fromTo, idFor, valued } from './piece-fields';

describe('the fields of a small record', () => {
  it('takes the two steps apart and gives blanks for what is missing', () => {
    expect(fromTo('1-3')).toEqual(['1', '3']);
    expect(fromTo('12')).toEqual(['12', '']);
    expect(fromTo(undefined)).toEqual(['', '']);
  });

  it('holds numbers as numbers and leaves what is none for the server to refuse', () => {
    const number = { key: 'most', label: 'most', kind: 'number' } as const;
    expect(valued(number, ' 4 ')).toBe(4);
    expect(valued(number, 'four')).toBe('four');
    expect(valued({ key: 'choice', label: 'choice', kind: 'text' }, ' ')).toBeUndefined();
    expect(valued({ key: 'name', label: 'name', kind: 'text' }, ' ')).toBe('');
  });

  it('makes ids that differ', () => {
    expect(idFor('High arm!', [])).toBe('high-arm');
    expect(idFor('High arm', ['high-arm', 'high-arm-2'])).toBe('high-arm-3');
    expect(idFor('…', [])).toBe('option');
  });
});
