const KEPT = 600;

/** What the frames of the picture took, kept in a ring that is made once. */
export class FrameLog {
  readonly #script = new Float32Array(KEPT);
  readonly #off = new Float32Array(KEPT);
  #count = 0;

  /**
   * A frame is done.
   *
   * @param script milliseconds that the page's own work for it took, drawing apart
   * @param off milliseconds between what was heard as it was handed over and the moment that it shows
   */
  add(script: number, off: number) {
    const at = this.#count++ % KEPT;
    this.#script[at] = script;
    this.#off[at] = off;
  }

  clear() {
    this.#count = 0;
  }

  /** The middle and the ninety-fifth hundredth of the last frames; nothing before the first. */
  summary(): { frames: number; script: number; slow: number; off: number } | null {
    const frames = Math.min(KEPT, this.#count);
    if (frames === 0) return null;
    const script = this.#script.slice(0, frames).sort();
    const off = this.#off.slice(0, frames).sort();
    const high = Math.floor((frames - 1) * 0.95);
    return {
      frames,
      script: script[Math.floor((frames - 1) / 2)] ?? 0,
      slow: script[high] ?? 0,
      off: off[high] ?? 0
    };
  }
}
