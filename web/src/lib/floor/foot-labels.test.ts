import { describe, expect, it } from 'vitest';
import { footLabels } from './foot-labels';

const foot = (role: string, number: number, x: number) => ({ role, number, foot: 'L', x, y: 0, direction: 0 });

describe('the numbers beside the feet', () => {
  it('stand together where a dancer comes back', () => {
    const labels = footLabels([foot('man', 1, 0), foot('man', 2, 1), foot('man', 3, 0.02), foot('lady', 4, 0)]);
    expect(labels.map((l) => `${l.role} ${l.text}`)).toEqual(['man 1 3', 'man 2', 'lady 4']);
  });
});
