import type { Status } from './types';
import type { Kind } from './kinds';

/** An editor of this page, as far as others have to know it. */
export interface Live {
  readonly kind: Kind;
  readonly id: string;
  readonly status: Status;
  readonly isUnsent: boolean;
  /** Sends at once what is unsent. */
  flush(): Promise<void>;
  /** Takes up what was typed once and never reached the server. */
  recover(): Promise<void>;
}

export const live = new Set<Live>();

const leaving = new Set<Promise<void>>();

/** The desk is left while this is still on its way. */
export function leave(sent: Promise<void>) {
  leaving.add(sent);
  void sent.finally(() => leaving.delete(sent));
}

/** Waits until everything typed is with the server, or known not to be: whoever reads it then reads the latest. */
export async function settled() {
  await Promise.allSettled([...[...live].map((editor) => editor.flush()), ...leaving]);
}
