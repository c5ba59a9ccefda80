import { afterEach, describe, expect, it, vi } from 'vitest';
import { api } from '$lib/api/client';
import { readingList } from './reading-list';

const answer = (status: number, data?: unknown) =>
  ({ data, error: { detail: 'no' }, response: new Response(null, { status }) }) as never;
const settings = (list: string) => ({ list, prefer: vi.fn() });

afterEach(() => vi.restoreAllMocks());

describe('readingList', () => {
  it('gives way to the starter where the list is gone', async () => {
    const ask = vi.spyOn(api, 'GET');
    ask.mockResolvedValueOnce(answer(404)).mockResolvedValueOnce(answer(200, { id: 'starter' }));
    const own = settings('mine');
    expect(await readingList(own)).toEqual({ id: 'starter' });
    expect(own.prefer).toHaveBeenCalledWith({ list: 'starter' });
  });

  it('keeps the choice where the server fails', async () => {
    vi.spyOn(api, 'GET').mockResolvedValueOnce(answer(500));
    const own = settings('mine');
    await expect(readingList(own)).rejects.toThrow('no');
    expect(own.prefer).not.toHaveBeenCalled();
  });
});
