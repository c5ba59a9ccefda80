import { describe, expect, it } from 'vitest';
import { searched, spokenOf, type Term } from './terms';

const term = (group: string, name: string, codes: string[] = []): Term => ({
  group,
  term: name,
  codes,
  says: `What ${name} means.`
});
const TERMS = [
  term('column', 'place'),
  term('column', 'work'),
  term('column', 'sway'),
  term('place', 'side', ['s']),
  term('place', 'side and slightly forward', ['sf']),
  term('said', 'in CBMP'),
  term('work', 'H'),
  term('work', 'T'),
  term('work', 'WF'),
  term('sway', 'L'),
  term('head', 'L'),
  term('position', 'promenade'),
  term('position', 'open promenade')
];
const names = (found: Term[]) => found.map((one) => `${one.group}:${one.term}`);

describe('the terms that a label speaks of', () => {
  it('are its column and the longest words of its cell', () => {
    expect(names(spokenOf(TERMS, 'Lady 7 placement', 'side and slightly forward in CBMP'))).toEqual([
      'column:place',
      'place:side and slightly forward',
      'said:in CBMP'
    ]);
  });

  it('are letters in footwork, and signs in their own column only', () => {
    expect(names(spokenOf(TERMS, 'Man 1 footwork', 'THT'))).toEqual(['column:work', 'work:H', 'work:T']);
    expect(names(spokenOf(TERMS, 'Man 2 sway', 'L'))).toEqual(['column:sway', 'sway:L']);
  });

  it('are found anywhere else by whole words, but not by single letters', () => {
    expect(names(spokenOf(TERMS, '', 'begins in open promenade, L side'))).toEqual([
      'place:side',
      'position:open promenade'
    ]);
    expect(spokenOf(TERMS, '', 'besides')).toEqual([]);
    expect(spokenOf(TERMS, 'Find (a figure', '[')).toEqual([]);
  });
});

describe('searching', () => {
  it('finds by word, by code and by what is said, the one that is called so first', () => {
    expect(names(searched(TERMS, 'side'))[0]).toBe('place:side');
    expect(names(searched(TERMS, 'sf'))[0]).toBe('place:side and slightly forward');
    expect(names(searched(TERMS, 'positions open'))).toEqual(['position:open promenade']);
    expect(searched(TERMS, 'nothing like it')).toEqual([]);
  });
});
