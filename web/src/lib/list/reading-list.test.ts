import { afterEach, describe, expect, it, vi } from 'vitest';
import { api } from '$lib/api/client';
import { readingList } from './reading-list';

const answer = (status: number, data?: unknown) =>
  ({ data, error: { detail: 'no' }, response: new Response(null, { status }) }) as never;
const settings = (list: string) => ({ list, prefer: vi.fn() });

const starter = {
  id: 'starter',
  starter: true,
  document: { name: 'Starter', levels: [{ name: 'First', figures: { waltz: ['whisk'], tango: ['walks'] } }] }
};

afterEach(() => vi.restoreAllMocks());

describe('readingList', () => {
  it('gives way to the starter where the list is gone', async () => {
    const ask = vi.spyOn(api, 'GET');
    ask.mockResolvedValueOnce(answer(404)).mockResolvedValueOnce(answer(200, starter));
    const own = settings('mine');
    expect(await readingList(own)).toEqual({
      id: 'starter',
      name: 'Starter',
      starter: true,
      levels: [{ name: 'First', figures: ['waltz.whisk', 'tango.walks'] }],
      view: starter
    });
    expect(own.prefer).toHaveBeenCalledWith({ list: 'starter' });
  });

  it('keeps the choice where the server fails', async () => {
    vi.spyOn(api, 'GET').mockResolvedValueOnce(answer(500));
    const own = settings('mine');
    await expect(readingList(own)).rejects.toThrow('no');
    expect(own.prefer).not.toHaveBeenCalled();
  });
});
