import { describe, expect, it } from 'vitest';
import { History } from './history.svelte';

describe('History', () => {
  it('goes back over every change and forward again', () => {
    const history = new History<string>();
    history.push('one');
    history.push('two');
    expect(history.undo('three')).toBe('two');
    expect(history.undo('two')).toBe('one');
    expect(history.canUndo).toBe(false);
    expect(history.redo('one')).toBe('two');
    expect(history.redo('two')).toBe('three');
  });

  it('takes the keystrokes in one cell as one step until it settles', () => {
    const history = new History<string>();
    history.push('', 'man-1-turn');
    history.push('1', 'man-1-turn');
    history.settle();
    history.push('1/4 R', 'man-1-turn');
    expect(history.undo('1/8 R')).toBe('1/4 R');
    expect(history.undo('1/4 R')).toBe('');
  });

  it('forgets what was undone after a new change', () => {
    const history = new History<string>();
    history.push('one');
    history.undo('two');
    history.push('one');
    expect(history.canRedo).toBe(false);
    expect(history.redo('other')).toBe('other');
  });
});
