/** A number with its word in the singular or the plural: `1 beat`, `1/2 beat`, `2 beats`. */
export function many(count: number | string, word: string): string {
  const one = count === 1 || /^(1|\d+\/\d+)$/.test(String(count));
  return `${count} ${word}${one ? '' : 's'}`;
}
