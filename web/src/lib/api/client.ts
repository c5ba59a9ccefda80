import createClient from 'openapi-fetch';
import type { components, paths } from './schema';

const UNKNOWN = 401;

export type Schemas = components['schemas'];
export type Chart = Schemas['Chart'];
export type Row = Schemas['Chart_row'];
export type FigureView = Schemas['FigureView'];
export type FigureSummary = Schemas['FigureSummary'];
export type WorkView = Schemas['WorkView'];
export type Finding = Schemas['FindingView'];
export type Problem = Schemas['Problem'];
export type Foot = Schemas['FootView'];
export type Routine = Schemas['Routine'];
export type Placed = Schemas['Routine_placed'];
export type Song = Schemas['Song'];
export type EventTerms = Schemas['Event'];
export type RoutineWork = Schemas['RoutineWorkView'];
export type Join = Schemas['JoinView'];
export type RoutineSummary = Schemas['LineRoutineSummary'];
export type SongSummary = Schemas['LineSongSummary'];
export type EventSummary = Schemas['LineEventSummary'];
export type Word = Schemas['Word'];
export type RoleName = 'man' | 'lady';

export const api = createClient<paths>({ baseUrl: '/' });

/** Told when the server does not know any more who asks: the page was locked, or the device shut out. */
export const gate: { onshut?: () => void } = {};

api.use({
  onResponse({ response }) {
    if (response.status === UNKNOWN) gate.onshut?.();
  }
});

/** Whether a request has to outlive the page; only then, for such a request may carry 64 kB at the most. */
export const outlivesPage = () => document.visibilityState === 'hidden';

/** A refusal in the server's words: what happened, and the cells it is about. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly problems: Problem[] = [],
    readonly details: Record<string, unknown> = {}
  ) {
    super(message);
  }
}

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/** The data of an answer; throws a {@link Refusal} that can be shown as it stands. */
export async function need<T>(request: Promise<Answer<T>>): Promise<NonNullable<T>> {
  const { data, error, response } = await request.catch(() => {
    throw new Refusal(0, 'The application does not answer. What you typed is still here; start it again and go on.');
  });
  if (response.ok) return data as NonNullable<T>;
  const details = (error ?? {}) as Record<string, unknown>;
  const sentence = typeof details.detail === 'string' ? details.detail : `The request failed (${response.status}).`;
  throw new Refusal(response.status, sentence, (details.problems as Problem[] | undefined) ?? [], details);
}
