/** Keeps the screen awake while somebody dances, where the browser can. */
export class Wake {
  #lock: WakeLockSentinel | undefined;
  #wanted = false;

  constructor() {
    document.addEventListener('visibilitychange', this.#again);
  }

  set(wanted: boolean) {
    this.#wanted = wanted;
    void this.#follow();
  }

  /** A page that was hidden has lost it. */
  readonly #again = () => void this.#follow();

  async #follow() {
    const held = this.#lock !== undefined && !this.#lock.released;
    if (this.#wanted === held || document.hidden) return;
    try {
      if (this.#wanted) {
        const lock = await navigator.wakeLock?.request('screen');
        // It may have been paused before the answer came.
        if (this.#wanted) this.#lock = lock;
        else await lock?.release();
      } else {
        await this.#lock?.release();
        this.#lock = undefined;
      }
    } catch {
      // A browser may refuse, on a low battery for one: the screen then sleeps as usual.
    }
  }

  close() {
    document.removeEventListener('visibilitychange', this.#again);
    this.set(false);
  }
}
