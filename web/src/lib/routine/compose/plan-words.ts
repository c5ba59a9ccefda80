import type { Schemas } from '$lib/api/client';

/** A number of routines in words: exact as long as it can be taken in, its size beyond that. */
export const spoken = (count: string) =>
  count.length > 15 ? `about 10^${count.length - 1}` : Number(count).toLocaleString('en');

type Told = Pick<Schemas['PlanView'], 'count' | 'limited' | 'varied' | 'proven' | 'bound'> & {
  proposals: readonly unknown[];
};

/** How many routines a plan has, what had to be limited for it, and why fewer are shown than were asked for. */
export function told(found: Told, wanted: number) {
  const fewer = found.proposals.length < wanted ? ' No more were found that differ enough.' : '';
  return `${all(found)}${fewer}`;
}

function all(found: Told) {
  if (found.bound !== undefined) {
    const one = found.count === '1';
    return (
      `${one ? 'This one was' : `These ${found.count} were`} found and worked out step by step on the floor. ` +
      `Not proven to be the best: none can be worth more than ${found.bound}.`
    );
  }
  const many = `${spoken(found.count)} routines meet this`;
  const limited = found.limited.join(', ');
  const first =
    found.limited.length === 0
      ? `${many}.`
      : `No more than ${many}; ${limited} would come too often and ${found.limited.length === 1 ? 'was' : 'were'} limited.`;
  const still = 'Some figures still come more often than asked.';
  const best = found.proven ? 'The best by the score:' : 'Good by the score, though not proven to be the best:';
  return `${first} ${found.varied ? '' : `${still} `}${best}`;
}
