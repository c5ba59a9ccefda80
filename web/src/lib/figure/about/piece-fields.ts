/** One field of a small record of a chart. */
export interface PieceField {
  /** The key in the chart format. */
  key: string;
  label: string;
  /** `span` is two steps written `1-3`. */
  kind: 'text' | 'number' | 'check' | 'choice' | 'span';
  choices?: readonly { value: string; label: string }[];
  placeholder?: string;
  wide?: boolean;
}

/** The two steps of `1-3`; what is missing is empty. */
export function fromTo(steps: unknown): [string, string] {
  const [from = '', to = ''] = String(steps ?? '').split('-');
  return [from.trim(), to.trim()];
}

/** What was typed, as the format holds it: a number where there is one; nothing for a blank that may be left out. */
export function valued(field: PieceField, text: string): string | number | undefined {
  const typed = text.trim();
  if (field.kind === 'number') return /^\d+$/.test(typed) ? Number(typed) : (typed as unknown as number);
  return field.key === 'choice' && typed === '' ? undefined : typed;
}

/** An id that no other piece has, made from a name in a coach's words. */
export function idFor(name: string, taken: readonly string[]): string {
  const plain =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'option';
  let id = plain;
  for (let n = 2; taken.includes(id); n++) id = `${plain}-${n}`;
  return id;
}
