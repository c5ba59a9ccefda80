import type { Schemas } from '$lib/api/client';

/** A number of routines in words: exact as long as it can be taken in, its size beyond that. */
export const spoken = (count: string) =>
  count.length > 15 ? `about 10^${count.length - 1}` : Number(count).toLocaleString('en');

/** How many routines a plan has, and what had to be limited for it. */
export function told(found: Pick<Schemas['PlanView'], 'count' | 'limited' | 'varied' | 'proven' | 'bound'>) {
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
