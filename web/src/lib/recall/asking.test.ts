import { describe, expect, it } from 'vitest';
import { Asking, type Question } from './asking.svelte';

const question = (id: string) => ({ id, choices: [], seen: 0 }) as unknown as Question;
const sitting = (...ids: string[]) => new Asking(ids.map(question));

function course(asking: Asking, missed: (id: string) => boolean) {
  const order: string[] = [];
  while (asking.current && order.length < 50) {
    const { id } = asking.current;
    order.push(id);
    asking.next(missed(id) && order.filter((one) => one === id).length === 1);
  }
  return order;
}

describe('a sitting', () => {
  it('asks everything once where everything is recalled', () => {
    const asking = sitting('a', 'b', 'c');
    expect(course(asking, () => false)).toEqual(['a', 'b', 'c']);
    expect(asking.answered).toBe(3);
    expect(asking.missed).toBe(0);
  });

  it('brings what was missed again after four others, or at the end', () => {
    expect(course(sitting('a', 'b', 'c', 'd', 'e', 'f'), (id) => id === 'a')).toEqual([
      'a',
      'b',
      'c',
      'd',
      'e',
      'a',
      'f'
    ]);
    const asking = sitting('a', 'b');
    expect(course(asking, (id) => id === 'b')).toEqual(['a', 'b', 'b']);
    expect(asking.missed).toBe(1);
  });

  it('is over when nothing is left', () => {
    const asking = sitting();
    expect(asking.current).toBeUndefined();
    asking.next(true);
    expect(asking.answered).toBe(0);
  });
});
