import { words } from './words';

/** Something that can fail, and the reason of the last time it did. */
export class Attempt {
  #failed = $state('');

  /** Empty while nothing has failed. */
  get failed() {
    return this.#failed;
  }

  /** Does it; the reason of a failure is kept to be shown, with the places it is about. */
  async run(work: () => Promise<unknown>): Promise<boolean> {
    try {
      await work();
      this.#failed = '';
      return true;
    } catch (error) {
      this.#failed = words(error);
      return false;
    }
  }
}
