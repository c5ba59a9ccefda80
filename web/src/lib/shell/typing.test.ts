// @vitest-environment jsdom
import { afterEach, describe, expect, it } from 'vitest';
import { isShortcut, isTyping } from './typing';

function made(html: string): HTMLElement {
  document.body.innerHTML = html;
  return document.body.firstElementChild as HTMLElement;
}

function pressed(target: HTMLElement, key: string, more: KeyboardEventInit = {}): boolean {
  let short = false;
  target.addEventListener('keydown', (event) => (short = isShortcut(event, key)), { once: true });
  target.dispatchEvent(new KeyboardEvent('keydown', { key, ...more }));
  return short;
}

describe('keys outside a text field', () => {
  afterEach(() => (document.body.innerHTML = ''));

  it('knows fields that take letters', () => {
    for (const html of ['<input />', '<input type="search" />', '<input type="number" />', '<textarea></textarea>'])
      expect(isTyping(made(html)), html).toBe(true);
    for (const html of [
      '<input type="checkbox" />',
      '<input type="range" />',
      '<select></select>',
      '<button></button>'
    ])
      expect(isTyping(made(html)), html).toBe(false);
    expect(isTyping(null)).toBe(false);
  });

  it('takes a plain key on anything else, but not behind a dialog', () => {
    expect(pressed(made('<input type="checkbox" />'), '/')).toBe(true);
    expect(pressed(made('<select></select>'), 'n')).toBe(true);
    expect(pressed(made('<input />'), '/')).toBe(false);
    expect(pressed(made('<button></button>'), 'n', { ctrlKey: true })).toBe(false);
    const button = made('<button></button>');
    document.body.insertAdjacentHTML('beforeend', '<div role="dialog"></div>');
    expect(pressed(button, 'n')).toBe(false);
  });
});
