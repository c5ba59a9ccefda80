import { describe, expect, it } from 'vitest';
import { footLabels } from './foot-labels';

const foot = (role: string, number: number, x: number, y = 0) => ({ role, number, foot: 'L', x, y, direction: 0 });

function clashes(labels: ReturnType<typeof footLabels>, size: number): number {
  let found = 0;
  labels.forEach((a, i) =>
    labels.slice(i + 1).forEach((b) => {
      const apart = ((a.text.length + b.text.length) * size * 0.6) / 2;
      if (Math.abs(a.x - b.x) < apart && Math.abs(a.y - b.y) < size * 0.9) found++;
    })
  );
  return found;
}

describe('the numbers beside the feet', () => {
  it('stand together where a dancer comes back', () => {
    const labels = footLabels([foot('man', 1, 0), foot('man', 2, 1), foot('man', 3, 0.02), foot('lady', 4, 0)]);
    expect(labels.map((l) => `${l.role} ${l.text}`)).toEqual(['man 1 3', 'man 2', 'lady 4']);
  });

  it('are the first and the last where there are many on one spot', () => {
    const labels = footLabels(Array.from({ length: 16 }, (_, i) => foot('man', i + 1, 0)));
    expect(labels.map((l) => l.text)).toEqual(['1 … 16']);
  });

  it('never stand on each other, in however small a place', () => {
    const feet = Array.from({ length: 8 }, (_, i) => [
      foot('man', i + 1, (i % 4) * 0.12, 0),
      foot('lady', i + 1, (i % 4) * 0.12 + 0.05, 0.16)
    ]).flat();
    const labels = footLabels(feet, 0.09);
    expect(clashes(labels, 0.09)).toBe(0);
    expect(labels.flatMap((l) => l.numbers)).toHaveLength(16);
  });

  it('have a line to their foot where they stand off', () => {
    for (const label of footLabels([foot('man', 1, 0), foot('lady', 1, 0.05), foot('man', 2, 0.12)])) {
      const off = Math.hypot(label.x - label.foot.x, label.y - label.foot.y);
      expect(label.far).toBe(off > 0.2);
    }
  });
});
