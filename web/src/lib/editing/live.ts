import type { Status } from './types';
import type { Kind } from './kinds';

/** An editor of this page, as far as others have to know it. */
export interface Live {
  readonly kind: Kind;
  readonly id: string;
  readonly status: Status;
  readonly isUnsent: boolean;
  /** Takes up what was typed once and never reached the server. */
  recover(): Promise<void>;
}

export const live = new Set<Live>();
