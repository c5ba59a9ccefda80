import type { Schemas } from '$lib/api/client';

export type Item = Schemas['Lesson_item'];
export type Stage = Item['stage'];

/** The parts of teaching something as they are said, in the order of work. */
export const STAGES: Record<Stage, string> = {
  whole: 'Whole, with the count',
  count: 'The count',
  feet: 'Feet of one role',
  'other feet': 'Feet of the other role',
  turn: 'Alignment and turn',
  footwork: 'Footwork',
  body: 'Body',
  lead: 'Lead and follow',
  slowly: 'Together, slowly',
  'with count': 'Together, with the count',
  'to music': 'To music',
  'up to speed': 'Up to speed',
  link: 'Linked',
  recap: 'Said again, and what comes next'
};

/** Where an item is worked on: danced on the stage, or read at the desk. */
export function opens(item: Item, whom: string, lesson: string): string {
  if (!item.kind || !item.id) return '';
  const on = `/rehearse?${item.kind}=${encodeURIComponent(item.id)}&whom=${whom}&lesson=${lesson}`;
  return item.row ? `${on}&row=${item.row}&role=${item.role ?? 'man'}` : on;
}

/** Where it is read; a figure opens at the row. */
export function desk(item: Item): string {
  if (!item.kind || !item.id) return '';
  const at = `/${item.kind}s/${encodeURIComponent(item.id)}`;
  return item.kind === 'figure' && item.row ? `${at}?row=${item.row}&role=${item.role ?? 'man'}` : at;
}

export const sum = (items: readonly Item[]) => items.reduce((minutes, item) => minutes + item.minutes, 0);

/** When each item begins, in minutes from the beginning of the lesson. */
export function begins(items: readonly Item[]): number[] {
  let at = 0;
  return items.map((item) => {
    const begin = at;
    at += item.minutes;
    return begin;
  });
}

/** "mm:ss" of seconds, with a sign where the time is over. */
export function clock(seconds: number): string {
  const whole = Math.abs(Math.trunc(seconds));
  const text = `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
  return seconds < 0 ? `+${text}` : text;
}
