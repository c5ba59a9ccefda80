import { resource } from 'runed';
import { words } from './words';

/** Something read from the server, again whenever what it depends on has changed. */
export interface Loaded<T> {
  /** The last answer, which stays while the next is awaited or has failed; nothing before the first. */
  readonly current: T | undefined;
  /** Why the latest question has no answer; empty where it has one, or is still awaited. */
  readonly failed: string;
  /** Asks again. */
  again(): Promise<void>;
}

/**
 * Reads from the server what `read` asks for with the value of `source`. The latest question wins: an answer or a failure that
 * arrives behind a later question is dropped, however late it comes.
 */
export function loaded<S, T>(source: () => S, read: (value: S) => Promise<T>): Loaded<T> {
  // Asked again only for another value, however often what it is made of is touched.
  const wanted = $derived(source());
  // In a record, as a list for a source would be taken for many sources.
  const found = resource(
    () => ({ value: wanted }),
    async ({ value }, _before, { signal }) => {
      const answer = await read(value).then(
        (found) => ({ found }),
        (failure: unknown) => ({ failure })
      );
      // This is how the resource is told to take neither the answer nor the failure.
      if (signal.aborted) throw new DOMException('A later question has been asked.', 'AbortError');
      if ('failure' in answer) throw answer.failure;
      return answer;
    }
  );
  return {
    get current() {
      return found.current?.found;
    },
    get failed() {
      return found.error ? words(found.error) : '';
    },
    async again() {
      await found.refetch();
    }
  };
}
