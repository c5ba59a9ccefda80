import type { Kind } from '$lib/editing/kinds';

/** A sheet for paper that there is of something. */
export interface SheetOf {
  what: string;
  id: string;
  words: string;
}

/** The sheets of something kept, the first the one asked for most. */
export function sheetsOf(kind: Kind, id: string): SheetOf[] {
  switch (kind) {
    case 'figure':
      return [{ what: 'figure', id, words: 'Figure sheet' }];
    case 'routine':
      return [
        { what: 'part', id, words: "One role's sheet" },
        { what: 'routine', id, words: 'Routine sheet' }
      ];
    case 'lesson':
      return [{ what: 'lesson', id, words: 'Lesson summary' }];
    case 'practice':
      return [{ what: 'practice', id, words: 'Practice plan' }];
    case 'class':
      return [{ what: 'class', id, words: 'Rounds and rotation' }];
    case 'drill':
    case 'card':
      return [{ what: 'cards', id: 'all', words: 'Cards to cut out' }];
    default:
      return [];
  }
}

/** What a sheet can be wished like. */
export interface Wishes {
  paper: 'a4' | 'letter';
  large: boolean;
  roles: string;
  role: string;
  count: string;
  folded: string;
  detail: string;
  with: string;
}

/** The address of a sheet, as a page or as a PDF; what is usual is left out. */
export function addressOfSheet(what: string, id: string, wishes: Wishes, pdf: boolean): string {
  const query = new URLSearchParams();
  if (wishes.paper !== 'a4') query.set('paper', wishes.paper);
  if (wishes.large) query.set('large', 'true');
  if (wishes.roles !== 'man-lady') query.set('roles', wishes.roles);
  for (const key of ['role', 'count', 'folded', 'detail', 'with'] as const)
    if (wishes[key]) query.set(key, wishes[key]);
  const asked = query.size > 0 ? `?${query.toString()}` : '';
  return `/api/handouts/${what}/${encodeURIComponent(id)}${pdf ? '/pdf' : ''}${asked}`;
}

const PAGES: Record<string, (id: string) => string> = {
  figure: (id) => `/figures/${id}`,
  comparison: (id) => `/figures/${id}`,
  routine: (id) => `/routines/${id}`,
  part: (id) => `/routines/${id}`,
  lesson: (id) => `/lessons/${id}`,
  practice: (id) => `/practice/${id}`,
  class: (id) => `/classes/${id}`,
  cards: () => '/drills',
  syllabus: () => '/sheet'
};

/** Where one comes from to a sheet. */
export const deskOf = (what: string, id: string) => PAGES[what]?.(encodeURIComponent(id)) ?? '/';

/** Sheets of one dancer's part or of both. */
export const hasParts = (what: string) => what === 'figure' || what === 'part';

/** Sheets on which steps are charted, with a count and layers. */
export const hasSteps = (what: string) => hasParts(what) || what === 'comparison';

/** Of what there is a practice card. */
export const hasCard = (kind: Kind) => kind === 'figure' || kind === 'routine' || kind === 'practice';

/** The address of a practice card, counted and worded as this reader has it. */
export function addressOfCard(kind: Kind, id: string, roles: string, count: string): string {
  const query = new URLSearchParams();
  if (roles !== 'man-lady') query.set('roles', roles);
  if (count) query.set('count', count);
  const asked = query.size > 0 ? `?${query.toString()}` : '';
  return `/api/practice-cards/${kind}/${encodeURIComponent(id)}${asked}`;
}
