import { describe, expect, it } from 'vitest';
import { Paged } from './paged.svelte';

/** A list of numbers that answers three at a time, in the way the server does. */
const numbers = (total: number) => (q: string, after: string) => {
  const from = after === '' ? 0 : Number(after);
  const lines = Array.from({ length: Math.min(3, total - from) }, (_, i) => `${q}${from + i}`);
  return Promise.resolve({ lines, total, ...(from + 3 < total ? { next: String(from + 3) } : {}) });
};

describe('a long list', () => {
  it('is read page by page to its end', async () => {
    const list = new Paged(numbers(7));
    expect(list.lines).toBeNull();
    await list.open();
    expect([list.lines?.length, list.total, list.hasMore]).toEqual([3, 7, true]);
    await list.more();
    await list.more();
    expect(list.lines).toEqual(['0', '1', '2', '3', '4', '5', '6']);
    expect(list.hasMore).toBe(false);
  });

  it('has no more where everything fits on one page', async () => {
    const list = new Paged(numbers(3));
    await list.open();
    expect(list.hasMore).toBe(false);
  });

  it('shows the latest question, whichever answer comes last', async () => {
    const late: (() => void)[] = [];
    const list = new Paged<string>((q) => new Promise((resolve) => late.push(() => resolve({ lines: [q], total: 1 }))));
    const asked = [list.open('a'), list.open('ab')];
    late[1]?.();
    late[0]?.();
    await Promise.all(asked);
    expect(list.lines).toEqual(['ab']);
  });

  it('says why it could not be read and keeps what was there', async () => {
    let fails = false;
    const list = new Paged((q, after) => (fails ? Promise.reject(new Error('away')) : numbers(7)(q, after)));
    await list.open();
    fails = true;
    await list.more();
    expect(list.failed).toBe('away');
    expect(list.lines).toHaveLength(3);
  });
});
