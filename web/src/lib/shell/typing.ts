/** Kinds of input that take no letters, so that a key pressed on them may mean something else. */
const TAKES_NO_TEXT = ['checkbox', 'radio', 'range', 'button', 'submit', 'reset', 'file', 'color'];

/** Whether somebody is typing into a field, so that a letter is a letter and no shortcut. */
export function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (target.isContentEditable || target instanceof HTMLTextAreaElement) return true;
  return target instanceof HTMLInputElement && !TAKES_NO_TEXT.includes(target.type);
}

/** Whether a plain letter was pressed outside a field and outside any dialog. */
export function isShortcut(event: KeyboardEvent, key: string): boolean {
  const plain = !event.ctrlKey && !event.altKey && !event.metaKey;
  const inDialog = document.querySelector('[role="dialog"]') !== null;
  return plain && event.key === key && !isTyping(event.target) && !inDialog;
}
