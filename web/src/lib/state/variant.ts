import type { Chart, Row } from '$lib/api/client';

type Variant = NonNullable<Chart['variants']>[number];

const same = (one: Row | undefined, other: Row | undefined) => JSON.stringify(one) === JSON.stringify(other);

/**
 * The rows as they are now, told as a variant of the rows as they were: everything from the first of the man's rows that
 * differs, and the lady's rows from the beat on which it begins. Null where nothing differs.
 *
 * @param ladyOnsets the beats on which the lady's rows begin now, and `manOnsets` the man's
 */
export function asVariant(
  before: Chart,
  now: Chart,
  name: string,
  manOnsets: number[],
  ladyOnsets: number[]
): Variant | null {
  const man = now.man ?? [];
  const lady = now.lady ?? [];
  let keep = man.findIndex((row, i) => !same(row, before.man?.[i]));
  if (keep < 0) keep = man.length;
  const ladyDiffers = lady.findIndex((row, i) => !same(row, before.lady?.[i]));
  const from = ladyDiffers < 0 ? Infinity : (ladyOnsets[ladyDiffers] ?? 0);
  while (keep > 0 && (manOnsets[keep] ?? Infinity) > from) keep--;
  if (keep === man.length && ladyDiffers < 0) return null;
  const beat = manOnsets[keep] ?? 0;
  const id = name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');
  return {
    id: id || 'variant',
    name,
    keep,
    man: man.slice(keep),
    lady: lady.filter((_, i) => (ladyOnsets[i] ?? 0) >= beat)
  };
}
