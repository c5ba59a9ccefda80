/** Single keys of the player and what they do; a key held with Ctrl, Alt or the command key is somebody else's. */
export class PlayerKeys {
  readonly #does: Record<string, () => void>;

  constructor(does: Record<string, () => void>) {
    this.#does = does;
  }

  /** Does what the key says, if it says anything; arrows with Shift have a meaning of their own. */
  take(event: KeyboardEvent) {
    if (event.ctrlKey || event.altKey || event.metaKey || event.target instanceof HTMLSelectElement) return;
    // A button that has the focus keeps the keys that press it, and an open dialog all of them.
    const on = event.target instanceof HTMLElement ? event.target : null;
    if (on?.closest('[role="dialog"]')) return;
    const onButton = on?.closest('button, [role="radio"], input');
    if (onButton && [' ', 'ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown'].includes(event.key)) return;
    const act = this.#does[event.shiftKey && event.key.startsWith('Arrow') ? `Shift+${event.key}` : event.key];
    if (!act) return;
    event.preventDefault();
    act();
  }
}
