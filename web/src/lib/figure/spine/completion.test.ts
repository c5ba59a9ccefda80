import { describe, expect, it } from 'vitest';
import { completions, expanded } from './completion';

const words = [
  { code: 'f', text: 'forward' },
  { code: 'fa', text: 'forward and across' },
  { code: 'sf', text: 'side and slightly forward' },
  { code: '2r', text: '1/4 R' }
];

describe('completion', () => {
  it('puts the exact code before longer ones and those before mere mentions', () => {
    expect(completions(words, 'f').map((w) => w.code)).toEqual(['f', 'fa', 'sf']);
  });

  it('finds a text by any part of it', () => {
    expect(completions(words, 'across').map((w) => w.text)).toEqual(['forward and across']);
    expect(completions(words, 'zz')).toEqual([]);
  });

  it('expands a code and leaves everything else as typed', () => {
    expect(expanded(words, ' 2R ')).toBe('1/4 R');
    expect(expanded(words, '3/16 L')).toBe('3/16 L');
  });
});
