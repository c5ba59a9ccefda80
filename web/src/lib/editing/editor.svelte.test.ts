// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type Song } from '$lib/api/client';
import { Editor } from './editor.svelte';
import { live, settled as allSent } from './live';
import { everything, forget, remember, type Unsent } from './outbox';
import { askBeforeLeaving, unsentEdits } from './unsent.svelte';

const song = (name: string): Song => ({ name, beatsPerBar: 3, sections: [], tempos: [] });
const kept = (name = 'a', version = 3) => ({ id: 'one', version, document: song(name) });
const ok = (data: unknown) => ({ data, response: new Response(null, { status: 200 }) }) as never;
const refusal = (status: number, details: object = {}) =>
  ({ error: { detail: `no ${status}`, ...details }, response: new Response(null, { status }) }) as never;
const stale = (version: number, name: string) =>
  refusal(409, { sides: { version, current: song(name), yours: song('mine'), differences: [{ where: 'name' }] } });

/** Waits as long as edits wait before they are sent, and for what the browser keeps. */
async function settled(milliseconds = 600) {
  await vi.advanceTimersByTimeAsync(milliseconds);
  await vi.waitFor(async () => expect(await everything()).toBeDefined());
}

describe('an editor', () => {
  beforeEach(() => {
    // What the browser keeps answers by timers of its own.
    vi.useFakeTimers({
      toFake: ['setTimeout', 'clearTimeout', 'setInterval', 'clearInterval'],
      shouldAdvanceTime: true
    });
  });
  afterEach(async () => {
    vi.useRealTimers();
    vi.restoreAllMocks();
    live.clear();
    for (const unsent of await everything()) await forget({ ...unsent, number: 9999 });
  });

  const sending = (...answers: never[]) => {
    const put = vi.spyOn(api, 'PUT');
    for (const answer of answers) put.mockResolvedValueOnce(answer);
    return put;
  };
  const names = (put: { mock: { calls: unknown[][] } }) =>
    put.mock.calls.map((call) => {
      const { expectedVersion, document } = (call[1] as { body: { expectedVersion: number; document: Song } }).body;
      return `${expectedVersion} ${document.name}`;
    });

  it('sends the last of several changes under the version it has, and forgets it once it is acknowledged', async () => {
    const put = sending(ok({ version: 4 }), ok({ version: 5 }));
    const editor = new Editor('song', kept());
    editor.describe({ name: 'ab' });
    editor.describe({ name: 'abc' });
    expect(editor.isUnsent).toBe(true);
    await settled();
    expect(editor.message).toBe('Kept.');
    editor.describe({ name: 'x' });
    await settled();
    expect(names(put)).toEqual(['3 abc', '4 x']);
    expect(editor.isUnsent).toBe(false);
    await vi.waitFor(async () => expect(await everything()).toEqual([]));
  });

  it('keeps whoever reads waiting until what is typed has arrived, also of a desk that was just left', async () => {
    const put = sending(ok({ version: 4 }), ok({ version: 5 }));
    const editor = new Editor('song', kept());
    editor.describe({ name: 'ab' });
    await allSent();
    expect(names(put)).toEqual(['3 ab']);
    editor.describe({ name: 'abc' });
    editor.close();
    await allSent();
    expect(names(put)).toEqual(['3 ab', '4 abc']);
  });

  it('takes typing in one field back in one step, and goes forward again', () => {
    sending();
    const seen: string[] = [];
    const editor = new Editor('song', kept(), { onchange: (state) => seen.push(state.name) });
    editor.describe({ name: 'a1' });
    editor.describe({ name: 'a12' });
    editor.describe({ beatsPerBar: 4 });
    editor.undo();
    editor.undo();
    expect(editor.state).toEqual(song('a'));
    expect(editor.canUndo).toBe(false);
    editor.redo();
    expect(editor.state.name).toBe('a12');
    editor.undo();
    editor.undo();
    expect(seen).toEqual(['a1', 'a12', 'a12', 'a12', 'a', 'a12', 'a']);
  });

  it('keeps what was typed while the server is away, says so, and sends it by itself', async () => {
    const put = vi
      .spyOn(api, 'PUT')
      .mockRejectedValueOnce(new TypeError('away'))
      .mockResolvedValue(ok({ version: 4 }));
    const editor = new Editor('song', kept());
    editor.describe({ name: 'typed' });
    await settled();
    expect(editor.status).toBe('away');
    expect(editor.message).toContain('does not answer');
    await vi.waitFor(async () => expect((await everything())[0]).toMatchObject({ id: 'one', base: 3, name: 'typed' }));
    const leaving = new Event('beforeunload', { cancelable: true }) as BeforeUnloadEvent;
    askBeforeLeaving(leaving);
    expect(leaving.defaultPrevented).toBe(true);
    await settled(3100);
    expect(put).toHaveBeenCalledTimes(2);
    expect(editor.status).toBe('kept');
    const later = new Event('beforeunload', { cancelable: true }) as BeforeUnloadEvent;
    askBeforeLeaving(later);
    expect(later.defaultPrevented).toBe(false);
  });

  it('says why it was refused, loses nothing, and tries again with the next change only', async () => {
    const put = sending(refusal(422), ok({ version: 4 }));
    const editor = new Editor('song', kept());
    editor.describe({ name: '' });
    await settled(5000);
    expect(put).toHaveBeenCalledTimes(1);
    expect([editor.status, editor.message, editor.state.name]).toEqual(['refused', 'no 422', '']);
    editor.describe({ name: 'better' });
    await settled();
    expect(editor.status).toBe('kept');
  });

  it('shows both sides of a stale save and keeps mine over the other', async () => {
    const put = sending(stale(7, 'theirs'), ok({ version: 8 }));
    const editor = new Editor('song', kept());
    editor.describe({ name: 'mine' });
    await settled();
    expect(editor.conflict).toMatchObject({ version: 7, current: song('theirs'), mine: song('mine') });
    await settled(10_000);
    expect(put).toHaveBeenCalledTimes(1);
    await editor.keepMine();
    expect(names(put)).toEqual(['3 mine', '7 mine']);
    expect(editor.conflict).toBeNull();
    editor.undo();
    expect(editor.state.name).toBe('theirs');
  });

  it('knows its own save again when only the answer was lost', async () => {
    const sides = { version: 4, current: song('mine'), yours: song('mine'), differences: [] };
    sending(refusal(409, { sides }), ok({ version: 5 }));
    const editor = new Editor('song', kept());
    editor.describe({ name: 'mine' });
    await settled();
    expect([editor.status, editor.version, editor.conflict, editor.isUnsent]).toEqual(['kept', 4, null, false]);
  });

  it('takes the other side, with mine one undo away', async () => {
    const put = sending(stale(7, 'theirs'), ok({ version: 8 }));
    const editor = new Editor('song', kept());
    editor.describe({ name: 'mine' });
    await settled();
    editor.takeTheirs();
    expect([editor.state.name, editor.version, editor.isUnsent]).toEqual(['theirs', 7, false]);
    editor.undo();
    expect(editor.state.name).toBe('mine');
    await settled();
    expect(names(put)[1]).toBe('7 mine');
  });

  it('keeps both: theirs here and mine beside it under another name', async () => {
    sending(stale(7, 'theirs'));
    const post = vi.spyOn(api, 'POST').mockResolvedValue(ok({ id: 'two' }));
    const editor = new Editor('song', kept());
    editor.describe({ name: 'mine' });
    await settled();
    await editor.keepBoth();
    expect(post).toHaveBeenCalledExactlyOnceWith('/api/songs', { body: song('mine (mine)') });
    expect(editor.state.name).toBe('theirs');
    expect(editor.link).toEqual({ href: '/songs/two', words: 'mine (mine)' });
  });

  const left = (more: Partial<Unsent<'song'>> = {}): Unsent => ({
    ...{ kind: 'song', id: 'one', window: 'gone', number: 4, base: 3, name: 'left', document: song('left') },
    at: Date.now() - 60_000,
    ...more
  });

  it('offers after a crash what had not been sent, as a step that can be undone', async () => {
    sending(ok({ version: 4 }));
    await remember(left());
    const editor = new Editor('song', kept());
    await editor.recover();
    expect(editor.state.name).toBe('left');
    expect(editor.message).toContain('is here again');
    editor.undo();
    expect(editor.state.name).toBe('a');
  });

  it('compares what was left with a state that has been saved since', async () => {
    const sides = { version: 5, current: song('since'), yours: song('left'), differences: [{ where: 'name' }] };
    vi.spyOn(api, 'POST').mockResolvedValue(ok(sides));
    await remember(left());
    const editor = new Editor('song', kept('since', 5));
    await editor.recover();
    expect(editor.conflict).toMatchObject({ version: 5, mine: song('left') });
    expect(editor.state.name).toBe('since');
  });

  it('sends by itself what a desk left behind, once, and not what is refused', async () => {
    const put = sending(refusal(422), ok({ version: 4 }));
    await remember(left());
    await unsentEdits.look();
    expect(unsentEdits.waiting[0]?.refused).toBe('no 422');
    await unsentEdits.look();
    expect(put).toHaveBeenCalledTimes(1);
    await unsentEdits.drop(unsentEdits.waiting[0]!);
    await remember(left({ window: 'other' }));
    await unsentEdits.look();
    expect(put).toHaveBeenCalledTimes(2);
    expect(unsentEdits.waiting).toEqual([]);
  });

  it('sends once what two windows find at the same time, and takes its own late answer for no refusal', async () => {
    const sides = { version: 4, current: song('left'), yours: song('left'), differences: [] };
    const put = sending(ok({ version: 4 }), refusal(409, { sides }));
    await remember(left());
    await Promise.all([unsentEdits.look(), new (unsentEdits.constructor as new () => typeof unsentEdits)().look()]);
    expect(put.mock.calls.length).toBeGreaterThan(0);
    expect(await everything()).toEqual([]);
  });

  it('hands what was left to an editor that is open by now, and compares it where that has gone on', async () => {
    const put = sending();
    const editor = new Editor('song', kept());
    await remember(left());
    await unsentEdits.look();
    expect(put).not.toHaveBeenCalled();
    expect(editor.state.name).toBe('left');
    const sides = { version: 3, current: song('a'), yours: song('again'), differences: [{ where: 'name' }] };
    vi.spyOn(api, 'POST').mockResolvedValue(ok(sides));
    await remember(left({ window: 'another', document: song('again') }));
    await unsentEdits.look();
    expect(editor.conflict).toMatchObject({ mine: song('again') });
  });
});
