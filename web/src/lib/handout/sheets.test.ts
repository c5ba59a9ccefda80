import { describe, expect, it } from 'vitest';
import { addressOfSheet, deskOf, sheetsOf, type Wishes } from './sheets';

const USUAL: Wishes = {
  paper: 'a4',
  large: false,
  roles: 'man-lady',
  role: '',
  count: '',
  folded: '',
  detail: '',
  with: ''
};

describe('addressOfSheet', () => {
  it('leaves out what is usual', () => {
    expect(addressOfSheet('figure', 'waltz.whisk', USUAL, false)).toBe('/api/handouts/figure/waltz.whisk');
  });

  it('says what is wished, and an odd id as it is', () => {
    const wished: Wishes = {
      ...USUAL,
      paper: 'letter',
      large: true,
      role: 'lady',
      folded: 'body,lead',
      detail: 'first lesson',
      with: 'a/b'
    };
    expect(addressOfSheet('part', 'a/b ?', wished, true)).toBe(
      '/api/handouts/part/a%2Fb%20%3F/pdf?paper=letter&large=true&role=lady&folded=body%2Clead&detail=first+lesson&with=a%2Fb'
    );
  });
});

describe('sheets', () => {
  it('lead back to where they come from', () => {
    expect(sheetsOf('routine', 'x').map((sheet) => deskOf(sheet.what, sheet.id))).toEqual([
      '/routines/x',
      '/routines/x'
    ]);
    expect(sheetsOf('song', 'x')).toEqual([]);
    expect(deskOf('hat', 'x')).toBe('/');
  });
});
