import { expect, it } from 'vitest';
import { spoken, told } from './plan-words';

it('says a number exactly as long as it can be taken in', () => {
  expect(spoken('1577158091')).toBe('1,577,158,091');
  expect(spoken('2331970830479368')).toBe('about 10^15');
});

it('says how many there are, and what was limited for it', () => {
  const all = { count: '972', limited: [], varied: true, proven: true, proposals: [1, 2] };
  expect(told(all, 2)).toBe('972 routines meet this. The best by the score:');
  expect(told({ ...all, limited: ['Wing'] }, 2)).toContain('No more than 972 routines meet this; Wing would come');
  expect(told({ ...all, limited: ['Wing', 'Whisk'] }, 2)).toContain(
    'Wing, Whisk would come too often and were limited.'
  );
  expect(told({ ...all, varied: false }, 2)).toContain('Some figures still come more often');
  expect(told({ ...all, proven: false }, 2)).toContain('not proven to be the best');
  expect(told({ ...all, count: '5', bound: 113 }, 2)).toContain('none can be worth more than 113');
  expect(told(all, 4)).toContain('No more were found that differ enough.');
});
