import type { Placed, Schemas } from '$lib/api/client';

/** Figures of a routine from one to another, both counted from 0 and both in it. */
export interface Span {
  from: number;
  to: number;
}

/** What an edit leaves: the figures, and which of them are selected afterwards. */
export interface Edited {
  figures: Placed[];
  span: Span;
}

/** What a new routine of a dance begins with: the middle of its usual tempo, and its usual floor. */
export const beginning = (dance: Schemas['DanceView']) => ({
  dance: dance.id,
  tempo: (dance.slowest + dance.fastest) / 2,
  floor: dance.floor,
  note: ''
});

/** A figure as charted. */
export const plain = (figure: string): Placed => ({ figure });

/** A free element of the coach's own length in beats. */
export const element = (name: string, beats: number): Placed => ({
  element: name,
  beats
});

const at = (from: number, many: number): Span => ({ from, to: from + Math.max(many, 1) - 1 });

/** Puts figures so that the first of them stands at {@code index}. */
export function put(figures: Placed[], index: number, added: Placed[]): Edited {
  const next = [...figures];
  next.splice(index, 0, ...added);
  return { figures: next, span: at(index, added.length) };
}

export function cut(figures: Placed[], span: Span): Edited {
  const next = figures.filter((_, i) => i < span.from || i > span.to);
  const left = Math.min(span.from, next.length - 1);
  return { figures: next, span: { from: left, to: left } };
}

/** The same again, straight after. */
export function repeat(figures: Placed[], span: Span): Edited {
  return put(figures, span.to + 1, figures.slice(span.from, span.to + 1));
}

/** The same again straight after, begun on the other foot and to the other side. */
export function otherSide(figures: Placed[], span: Span): Edited {
  const again = figures.slice(span.from, span.to + 1).map((placed) => {
    const { otherFoot, ...rest } = placed;
    return otherFoot ? rest : { ...rest, otherFoot: true };
  });
  return put(figures, span.to + 1, again);
}

/** Other figures in the same place; a corner before the first stays where it is. */
export function replace(figures: Placed[], span: Span, others: Placed[]): Edited {
  const corner = figures[span.from]?.corner ?? false;
  const next = others.map((placed, i) => (i === 0 ? { ...placed, corner } : placed));
  return put(
    figures.filter((_, i) => i < span.from || i > span.to),
    span.from,
    next
  );
}

/** Moves figures by so many places, as far as there are any. */
export function shift(figures: Placed[], span: Span, by: number): Edited {
  const many = span.to - span.from + 1;
  const target = Math.max(0, Math.min(span.from + by, figures.length - many));
  const moved = figures.slice(span.from, span.to + 1);
  return put(
    figures.filter((_, i) => i < span.from || i > span.to),
    target,
    moved
  );
}

/** Moves what is selected to where another figure stands; nothing if that is among them. */
export function carry(figures: Placed[], span: Span, target: number): Edited {
  if (target >= span.from && target <= span.to) return { figures, span };
  const by = target < span.from ? target - span.from : target - span.to;
  return shift(figures, span, by);
}

export function change(figures: Placed[], index: number, by: Partial<Placed>): Placed[] {
  return figures.map((placed, i) => (i === index ? { ...placed, ...by } : placed));
}

/** Applies to the join before {@code index} what would make it possible. */
export function adjust(figures: Placed[], index: number, adjustment: Schemas['AdjustmentView']): Placed[] {
  return figures.map((placed, i) => {
    if (i === index) return { ...placed, corner: adjustment.corner ? !placed.corner : placed.corner };
    if (i === index - 1) {
      const turned = { ...placed, lastTurn: (placed.lastTurn ?? 0) + adjustment.lastTurn };
      return adjustment.ending ? { ...turned, ending: adjustment.ending as Placed['ending'] } : turned;
    }
    return placed;
  });
}

/** Mends the join before {@code index}: puts figures between, or dances one of the two otherwise. */
export function mend(figures: Placed[], index: number, repair: Schemas['RepairView']): Edited {
  if (repair.kind === 'between') return put(figures, index, repair.figures);
  const place = repair.kind === 'before' ? index - 1 : index;
  return { ...replace(figures, at(place, 1), repair.figures), span: at(index, 1) };
}
