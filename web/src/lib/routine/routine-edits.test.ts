import { describe, expect, it } from 'vitest';
import * as edits from './routine-edits';

const routine = ['a', 'b', 'c', 'd'].map(edits.plain);
const names = (figures: { figure?: string | undefined; element?: string | undefined }[]) =>
  figures.map((f) => f.figure ?? f.element).join('');

describe('editing a routine', () => {
  it('puts figures where they are asked and selects them', () => {
    const { figures, span } = edits.put(routine, 1, [edits.plain('x'), edits.element('y', 3)]);
    expect(names(figures)).toBe('axybcd');
    expect(span).toEqual({ from: 1, to: 2 });
  });

  it('cuts, and selects what has moved up, or nothing', () => {
    expect(names(edits.cut(routine, { from: 1, to: 2 }).figures)).toBe('ad');
    expect(edits.cut(routine, { from: 3, to: 3 }).span).toEqual({ from: 2, to: 2 });
    expect(edits.cut(routine, { from: 0, to: 3 }).span).toEqual({ from: -1, to: -1 });
  });

  it('repeats what is selected to the other side, and back to the first', () => {
    const figures = [{ figure: 'a', times: 2 }, { figure: 'b' }];
    const once = edits.otherSide(figures, { from: 0, to: 1 });
    expect(once.figures.slice(2)).toEqual([
      { figure: 'a', times: 2, otherFoot: true },
      { figure: 'b', otherFoot: true }
    ]);
    expect(once.span).toEqual({ from: 2, to: 3 });
    expect(edits.otherSide(once.figures, once.span).figures.slice(4)).toEqual(figures);
  });

  it('repeats what is selected straight after it', () => {
    const { figures, span } = edits.repeat(routine, { from: 1, to: 2 });
    expect(names(figures)).toBe('abcbcd');
    expect(span).toEqual({ from: 3, to: 4 });
  });

  it('replaces and leaves the corner where it was', () => {
    const cornered = edits.change(routine, 1, { corner: true });
    const { figures } = edits.replace(cornered, { from: 1, to: 2 }, [edits.plain('x')]);
    expect(names(figures)).toBe('axd');
    expect(figures[1]?.corner).toBe(true);
  });

  it('shifts a span as far as there is room', () => {
    expect(names(edits.shift(routine, { from: 1, to: 2 }, 1).figures)).toBe('adbc');
    expect(names(edits.shift(routine, { from: 1, to: 2 }, -5).figures)).toBe('bcad');
    expect(edits.shift(routine, { from: 1, to: 2 }, 9).span).toEqual({ from: 2, to: 3 });
  });

  it('carries a span to another figure and leaves it when dropped on itself', () => {
    expect(names(edits.carry(routine, { from: 0, to: 1 }, 3).figures)).toBe('cdab');
    expect(names(edits.carry(routine, { from: 2, to: 3 }, 0).figures)).toBe('cdab');
    expect(edits.carry(routine, { from: 0, to: 1 }, 1).figures).toBe(routine);
  });

  it('applies an adjustment to the figure before the join and the corner to the one after', () => {
    const figures = edits.adjust(routine, 2, { words: '', corner: true, lastTurn: -2 });
    expect(figures[1]?.lastTurn).toBe(-2);
    expect(figures[2]?.corner).toBe(true);
  });

  it('mends between, before and after', () => {
    const repair = (kind: string) => ({ kind, name: 'x', figures: [edits.plain('x')], bars: 1 });
    expect(names(edits.mend(routine, 2, repair('between')).figures)).toBe('abxcd');
    expect(names(edits.mend(routine, 2, repair('before')).figures)).toBe('axcd');
    expect(names(edits.mend(routine, 2, repair('after')).figures)).toBe('abxd');
  });
});
