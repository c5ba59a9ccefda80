import type { FigureSummary, Schemas } from '$lib/api/client';

/** One level with the ids of its figures. */
export interface Level {
  name: string;
  figures: string[];
}

/** The part of a list that says which figure is on which level. */
export type Levels = Level[];

/** The levels of a list, whose document has their figures by dance. */
export function levelsOf(list: Schemas['FigureList']): Levels {
  return list.levels.map(({ name, figures }) => ({
    name,
    figures: Object.entries(figures ?? {}).flatMap(([dance, names]) => names.map((one) => `${dance}.${one}`))
  }));
}

/** A level as a list's document has it. */
export function byDance({ name, figures }: Level): Schemas['FigureList_level'] {
  const dances: Record<string, string[]> = {};
  for (const id of figures) {
    const dot = id.indexOf('.');
    (dances[id.slice(0, dot)] ??= []).push(id.slice(dot + 1));
  }
  return { name, figures: dances };
}

/** Orders in which a library can be looked through. */
export const ORDERS = ['as taught', 'name', 'length', 'turn', 'least sure first'] as const;
export type Order = (typeof ORDERS)[number];

export interface Group {
  level: string;
  figures: FigureSummary[];
}

/** Name of the group for what a list does not mention. */
export const UNLISTED = 'Not on this list';

const COMPARE: Record<Exclude<Order, 'as taught'>, (a: FigureSummary, b: FigureSummary) => number> = {
  name: (a, b) => a.name.localeCompare(b.name),
  length: (a, b) => a.beats - b.beats,
  turn: (a, b) => b.mostTurn - a.mostTurn,
  'least sure first': (a, b) => b.broken - a.broken || b.doubtfulRows - a.doubtfulRows
};

/** The whole turn, once if both make the same, else for each role. */
export function turns(
  figure: Pick<FigureSummary, 'turn' | 'ladyTurn'>,
  names: { role(role: string): string }
): string[] {
  if (figure.turn === figure.ladyTurn) return [figure.turn];
  const told: [string, string][] = [
    ['man', figure.turn],
    ['lady', figure.ladyTurn]
  ];
  return told.filter(([, turn]) => turn !== '').map(([role, turn]) => `${names.role(role)} ${turn}`);
}

/** Figures under the levels of a list, in the list's order or another; levels without figures are left out. */
export function grouped(figures: FigureSummary[], levels: Levels, order: Order): Group[] {
  const groups = levels.map((level) => {
    const places = new Map(level.figures.map((id, place) => [id, place]));
    const own = figures.filter((figure) => places.has(figure.id));
    return { level: level.name, figures: own.sort((a, b) => (places.get(a.id) ?? 0) - (places.get(b.id) ?? 0)) };
  });
  const listed = new Set(levels.flatMap((level) => level.figures));
  groups.push({ level: UNLISTED, figures: figures.filter((figure) => !listed.has(figure.id)) });
  if (order !== 'as taught') for (const group of groups) group.figures.sort(COMPARE[order]);
  return groups.filter((group) => group.figures.length > 0);
}

/** The levels with one figure moved to another, or to none; within its new level it comes last. */
export function moved(levels: Levels, figure: string, to: string | null): Levels {
  return levels.map((level) => {
    const others = level.figures.filter((id) => id !== figure);
    return { ...level, figures: level.name === to ? [...others, figure] : others };
  });
}
