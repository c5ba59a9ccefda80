import type { Schemas } from '$lib/api/client';

export type Rate = Pick<Schemas['RateView'], 'times' | 'of' | 'low' | 'high'>;

/** "4 of 11 runs", never a bare share. */
export const said = ({ times, of }: Pick<Rate, 'times' | 'of'>) => `${times} of ${of} ${of === 1 ? 'run' : 'runs'}`;

const percent = (share: number) => Math.round(share * 100);

/** What so few runs can say: "likely 15 to 65 of 100". */
export const range = ({ low, high, of }: Rate) =>
  of === 0 ? 'not danced yet' : `likely ${percent(low)} to ${percent(high)} of 100`;

/** What became of a fault, in words that claim no more than the numbers do. */
export function verdict(change: Schemas['ChangeView']): string {
  if (change.verdict === 'rarer') return 'became rarer';
  if (change.verdict === 'more-often') return 'seen more often now';
  return 'no change beyond chance';
}

/** The tint of a weak place: nothing where nothing was seen, full where every run was faulty. */
export const tint = (warmth: number) =>
  warmth <= 0
    ? 'var(--color-raised)'
    : `color-mix(in oklab, var(--color-broken) ${Math.round(15 + 75 * Math.min(1, warmth))}%, var(--color-raised))`;
