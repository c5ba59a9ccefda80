import type { RoleName, Schemas } from '$lib/api/client';
import { without } from '$lib/editing/without';

export type Evening = Schemas['ClassEvening'];
export type Person = Schemas['ClassEvening_person'];
export type Change = Schemas['ClassEvening_change'];
export type Round = Schemas['ClassRound'];
export type Known = Schemas['ClassPerson'];

export const dancedOf = (evening: Evening) => evening.danced ?? [];

/** How many rounds somebody is counted in who is there until the end. */
const isIn = (round: NonNullable<Evening['danced']>[number], dancer: string) =>
  (round.waiting ?? []).includes(dancer) || round.pairs.some((pair) => pair.man === dancer || pair.lady === dancer);

export type Presence = 'here' | 'left' | 'away';

export function presence(evening: Evening, dancer: string): Presence {
  const person = evening.people?.find((one) => one.dancer === dancer);
  if (!person) return 'away';
  return person.until === undefined ? 'here' : 'left';
}

/** Somebody comes, at the round that is danced next, or comes back. */
export function comes(evening: Evening, dancer: string, roles: RoleName[]): Person[] {
  const people = evening.people ?? [];
  const now = dancedOf(evening).length;
  if (people.some((one) => one.dancer === dancer)) {
    return people.map((one) => (one.dancer === dancer ? without(one, 'until') : one));
  }
  return [...people, { dancer, roles, ...(now > 0 && { from: now }) }];
}

/** Somebody goes; whoever was in no round was never there. */
export function goes(evening: Evening, dancer: string): Person[] {
  const danced = dancedOf(evening);
  const people = evening.people ?? [];
  if (!danced.some((round) => isIn(round, dancer))) return people.filter((one) => one.dancer !== dancer);
  return people.map((one) => (one.dancer === dancer ? { ...one, until: danced.length } : one));
}

/** What one round does otherwise, put in or put right; nothing is left of one that says nothing. */
export function changed(evening: Evening, round: number, to: Partial<Change>): Change[] {
  const changes = evening.changes ?? [];
  const merged = { ...changes.find((one) => one.round === round), ...to, round };
  const said = Object.fromEntries(
    Object.entries(merged).filter(([key, value]) => key === 'round' || (value !== undefined && value !== '' && value))
  ) as Change;
  const others = changes.filter((one) => one.round !== round);
  return (Object.keys(said).length > 1 ? [...others, said] : others).toSorted((a, b) => a.round - b.round);
}

type Announced = NonNullable<Evening['announced']>;
const asAnnounced = ({ pairs, waiting }: { pairs: Round['pairs']; waiting?: string[] }) => ({
  pairs,
  waiting: waiting ?? []
});

/** The next round danced as it was planned; those after it stay as people have been told. */
export function dance(evening: Evening, rounds: readonly Round[]): Pick<Evening, 'danced' | 'announced'> {
  const danced = dancedOf(evening);
  const round = rounds[danced.length];
  if (!round) return { danced };
  const { pairs, waiting, material, tempo } = round;
  return {
    danced: [...danced, { pairs, waiting, ...(material && { material }), ...(tempo > 0 && { tempo }) }],
    announced: rounds.slice(danced.length + 1).map(asAnnounced)
  };
}

/** The last round was not danced: it comes next. */
export function undance(evening: Evening): { danced: NonNullable<Evening['danced']>; announced: Announced } {
  const danced = dancedOf(evening);
  const last = danced.at(-1);
  const announced = evening.announced ?? [];
  return { danced: danced.slice(0, -1), announced: last ? [asAnnounced(last), ...announced] : announced };
}

/** First names, with more of the name only where two would be called alike. */
export function calledBy(people: readonly Known[]): Record<string, string> {
  const first = (name: string) => name.trim().split(/\s+/)[0] ?? name;
  const initial = (name: string) => {
    const words = name.trim().split(/\s+/);
    return words.length > 1 ? `${words[0]} ${words.at(-1)![0]}.` : name;
  };
  const count = (of: (name: string) => string, name: string) =>
    people.filter((one) => of(one.name) === of(name)).length;
  return Object.fromEntries(
    people.map(({ id, name }) => [
      id,
      count(first, name) === 1 ? first(name) : count(initial, name) === 1 ? initial(name) : name
    ])
  );
}

export const bpm = (tempo: number) => String(Math.round(tempo * 10) / 10);
