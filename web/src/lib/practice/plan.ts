import type { Schemas } from '$lib/api/client';

export type Practice = Schemas['Practice'];
export type Day = Schemas['Practice_day'];
export type Part = Schemas['Practice_part'];
export type Purpose = Part['purpose'];
export type Emphasis = Schemas['Practice_wanted']['emphasis'];

/** What minutes are for, as it is said. */
export const PURPOSES: Record<Purpose, string> = {
  'warm up': 'Warm up',
  keep: 'Kept',
  new: 'New',
  weak: 'Weak',
  run: 'Run through',
  pause: 'Pause'
};

/** The colours of what is practised: edge of a row, and mark in the picture. */
export const COLOURS: Record<Purpose, string> = {
  'warm up': 'border-line bg-line',
  keep: 'border-sound bg-sound',
  new: 'border-accent bg-accent',
  weak: 'border-doubtful bg-doubtful',
  run: 'border-ink bg-ink',
  pause: 'border-line bg-line'
};

export const isWork = (part: Part) => part.kind !== undefined;

/** By which something practised is known from day to day. */
export const keyOf = (part: { kind?: string; id?: string }) => `${part.kind ?? ''}:${part.id ?? ''}`;

export const minutesOf = (day: Day) => day.parts.reduce((sum, part) => sum + part.minutes, 0);

const tempo = (of: number) => String(Math.round(of * 10) / 10);

/** "24 to 26", or the one tempo; empty where none is known. */
export function ladderOf(part: Pick<Part, 'from' | 'to'>): string {
  if (part.from === undefined || part.to === undefined) return '';
  return part.from === part.to ? tempo(part.to) : `${tempo(part.from)} to ${tempo(part.to)}`;
}

/** The tempos of a ladder as an address has them: "24-28", or one twice; null for none. */
export function ladderIn(query: URLSearchParams): { from: number; to: number } | null {
  const found = /^(\d+(?:\.\d+)?)-(\d+(?:\.\d+)?)$/.exec(query.get('ladder') ?? '');
  return found ? { from: Number(found[1]), to: Number(found[2]) } : null;
}

/** Where a part is practised: on the stage, with its tempos set, or at the page of its drill. */
export function opens(part: Part, whom: string, practice: string, day: string): string {
  if (!part.kind || !part.id) return '';
  if (part.kind === 'drill') return `/drills/${encodeURIComponent(part.id)}`;
  const query = [
    `${part.kind}=${encodeURIComponent(part.id)}`,
    `whom=${encodeURIComponent(whom)}`,
    `practice=${encodeURIComponent(practice)}`,
    `day=${day}`
  ];
  if (part.from !== undefined && part.to !== undefined) query.push(`ladder=${part.from}-${part.to}`);
  if (part.row) query.push(`row=${part.row}`, `role=${part.role ?? 'man'}`);
  return `/rehearse?${query.join('&')}`;
}

/** The days with one part of one of them in another state. */
export function marked(days: readonly Day[], date: string, nth: number, state: NonNullable<Part['state']>): Day[] {
  return days.map((day) =>
    day.date === date ? { ...day, parts: day.parts.map((part, at) => (at === nth ? { ...part, state } : part)) } : day
  );
}

/** The days with all work of one of them in another state. */
export function dayMarked(days: readonly Day[], date: string, state: NonNullable<Part['state']>): Day[] {
  return days.map((day) =>
    day.date === date ? { ...day, parts: day.parts.map((part) => (isWork(part) ? { ...part, state } : part)) } : day
  );
}

/** The days before one of which something was neither done nor called missed. */
export const unsaid = (days: readonly Day[], today: string) =>
  days.filter((day) => day.date < today && day.parts.some((part) => isWork(part) && (part.state ?? 'open') === 'open'));

/** What is practised, in the order in which the days first bring it. */
export function mattersOf(days: readonly Day[]): { key: string; name: string; purpose: Purpose }[] {
  const matters: Record<string, { key: string; name: string; purpose: Purpose }> = {};
  for (const day of days) {
    for (const part of day.parts.filter(isWork)) {
      matters[keyOf(part)] ??= { key: keyOf(part), name: part.name ?? '', purpose: part.purpose };
    }
  }
  const order: Purpose[] = ['run', 'weak', 'new', 'keep'];
  return Object.values(matters).toSorted((a, b) => order.indexOf(a.purpose) - order.indexOf(b.purpose));
}
