// @vitest-environment jsdom
import { flushSync } from 'svelte';
import { afterEach, describe, expect, it } from 'vitest';
import { loaded, type Loaded } from './loaded.svelte';

const leave: (() => void)[] = [];
afterEach(() => leave.splice(0).forEach((end) => end()));

/** Questions that are answered when and as the test says. */
function asked() {
  const open = new Map<string, { answer: (words: string) => void; fail: (error: Error) => void }>();
  const question = $state({ words: 'one' });
  let found!: Loaded<string>;
  leave.push(
    $effect.root(() => {
      found = loaded(
        () => question.words,
        (words) => new Promise<string>((answer, fail) => open.set(words, { answer, fail }))
      );
    })
  );
  flushSync();
  return {
    found,
    open,
    ask(words: string) {
      question.words = words;
      flushSync();
    }
  };
}

const settled = () => new Promise((done) => setTimeout(done));

describe('something loaded', () => {
  it('shows the answer of the latest question, whichever comes last', async () => {
    const { found, open, ask } = asked();
    expect(found.current).toBeUndefined();
    ask('two');
    open.get('two')?.answer('second');
    await settled();
    open.get('one')?.answer('first');
    await settled();
    expect(found.current).toBe('second');
  });

  it('says nothing of a failure that came too late', async () => {
    const { found, open, ask } = asked();
    ask('two');
    open.get('two')?.answer('second');
    await settled();
    open.get('one')?.fail(new Error('too late'));
    await settled();
    expect(found.failed).toBe('');
    expect(found.current).toBe('second');
  });

  it('keeps what it had beside the reason of a failure, until it has been asked again', async () => {
    const { found, open, ask } = asked();
    open.get('one')?.answer('first');
    await settled();
    ask('two');
    open.get('two')?.fail(new Error('The application does not answer.'));
    await settled();
    expect([found.current, found.failed]).toEqual(['first', 'The application does not answer.']);
    const again = found.again();
    open.get('two')?.answer('second');
    await again;
    expect([found.current, found.failed]).toEqual(['second', '']);
  });
});
