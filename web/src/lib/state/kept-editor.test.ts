import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { KeptEditor } from './kept-editor.svelte';

describe('something kept by itself', () => {
  beforeEach(() => vi.useFakeTimers());
  afterEach(() => vi.useRealTimers());

  it('keeps the last of several changes under the version it has', async () => {
    const keep = vi.fn((version: number) => Promise.resolve({ version: version + 1 }));
    const editor = new KeptEditor(3, { name: 'a' }, keep);
    editor.describe({ name: 'ab' });
    editor.describe({ name: 'abc' });
    await vi.runAllTimersAsync();
    expect(keep).toHaveBeenCalledExactlyOnceWith(3, { name: 'abc' });
    expect(editor.message).toBe('Kept.');
    editor.describe({ name: 'x' });
    await vi.runAllTimersAsync();
    expect(keep).toHaveBeenLastCalledWith(4, { name: 'x' });
  });

  it('takes typing in one field back in one step', () => {
    const editor = new KeptEditor(0, { name: '', note: '' }, () => Promise.resolve({ version: 1 }));
    editor.describe({ name: 'a' });
    editor.describe({ name: 'ab' });
    editor.describe({ note: 'n' });
    editor.undo();
    expect(editor.state).toEqual({ name: 'ab', note: '' });
    editor.undo();
    expect(editor.state).toEqual({ name: '', note: '' });
    editor.redo();
    expect(editor.state).toEqual({ name: 'ab', note: '' });
  });

  it('says why it was refused, loses nothing and tries again', async () => {
    const keep = vi
      .fn<(version: number, state: { name: string }) => Promise<{ version: number }>>()
      .mockRejectedValueOnce(new Error('too long'))
      .mockResolvedValue({ version: 1 });
    const editor = new KeptEditor(0, { name: '' }, keep);
    editor.describe({ name: 'very long' });
    await vi.runAllTimersAsync();
    expect([editor.message, editor.refused, editor.state.name]).toEqual(['too long', true, 'very long']);
    editor.describe({ name: 'long' });
    await vi.runAllTimersAsync();
    expect([editor.message, editor.refused]).toEqual(['Kept.', false]);
  });
});
