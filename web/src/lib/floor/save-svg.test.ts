// @vitest-environment jsdom
import { describe, expect, it } from 'vitest';
import { standalone } from './save-svg';

describe('a saved drawing', () => {
  it('carries its own colours and no classes', () => {
    document.documentElement.style.setProperty('--color-man', '#14595a');
    document.body.innerHTML =
      '<svg class="w-full" viewBox="0 0 1 1"><path class="x" d="M0 0" stroke="var(--color-man)" fill="none"/></svg>';
    const svg = document.querySelector('svg');
    if (!svg) throw new Error('the drawing must be there');
    const text = standalone(svg);
    expect(text).toContain('stroke="#14595a"');
    expect(text).toContain('xmlns="http://www.w3.org/2000/svg"');
    expect(text).not.toContain('class=');
    expect(svg.getAttribute('class')).toBe('w-full');
  });
});
