import type { Chart } from '$lib/api/client';

/** Lists of a chart as lines of text that a coach can type, and back. What a line cannot say is told by the server. */
type Key = 'timings' | 'parts' | 'repeats' | 'options';

export function toLines(key: Key, chart: Chart): string[] {
  switch (key) {
    case 'timings':
      return (chart.timings ?? []).map((t) => `${t.id ?? ''}: ${t.man ?? ''} / ${t.lady ?? ''}`);
    case 'parts':
      return (chart.parts ?? []).map((p) => String(p.steps ?? ''));
    case 'repeats':
      return (chart.repeats ?? []).map(
        (r) => `${r.steps ?? ''} ${r.least ?? ''} ${r.most ?? ''}${r.mirrored ? ' mirrored' : ''}`
      );
    default:
      return (chart.options ?? []).flatMap((o) => [
        `${o.id} = ${o.name}${o.choice ? ` [${o.choice}]` : ''}: ${o.says}`,
        ...(o.edits ?? []).map((e) => `  ${e.role} ${e.step} ${e.key} ${e.text}`)
      ]);
  }
}

export function fromLines(key: Key, text: string, chart: Chart): Partial<Chart> {
  const lines = text.split('\n').filter((line) => line.trim() !== '');
  switch (key) {
    case 'timings':
      return {
        timings: lines.map((line) => {
          const [id = '', rest = ''] = split(line, ':');
          const [man = '', lady = ''] = split(rest, '/');
          return { id, man, lady: lady || man };
        })
      };
    case 'parts':
      return {
        parts: lines.map((line) => (chart.parts ?? []).find((p) => p.steps === line.trim()) ?? { steps: line.trim() })
      };
    case 'repeats':
      return {
        repeats: lines.map((line) => {
          const [steps = '', least = '1', most = '8', mirrored] = line.trim().split(/\s+/);
          return { steps, least: number(least), most: number(most), ...(mirrored ? { mirrored: true } : {}) };
        })
      };
    default:
      return { options: options(lines) };
  }
}

function split(text: string, mark: string): [string, string] {
  const at = text.indexOf(mark);
  return at < 0 ? [text.trim(), ''] : [text.slice(0, at).trim(), text.slice(at + 1).trim()];
}

/** What is not a number stays as it was typed, for the server to say so. */
function number(text: string): number {
  return /^\d+$/.test(text) ? Number(text) : (text as unknown as number);
}

function options(lines: string[]): NonNullable<Chart['options']> {
  const found: NonNullable<Chart['options']> = [];
  for (const line of lines) {
    if (/^\s/.test(line)) {
      const [role = '', step = '', column = '', ...rest] = line.trim().split(/\s+/);
      // A change before any option would belong to none.
      if (found.length === 0) found.push({ id: 'option', name: 'Option', says: '', edits: [] });
      found.at(-1)?.edits.push({
        role: role as 'man' | 'lady',
        step: number(step),
        key: column,
        text: rest.join(' ')
      });
    } else {
      const [id, rest] = split(line, '=');
      const [head, says] = split(rest, ':');
      const [name, choice] = split(head.replace(/\]$/, ''), '[');
      found.push({ id, name: name || id, says, ...(choice ? { choice } : {}), edits: [] });
    }
  }
  return found;
}
