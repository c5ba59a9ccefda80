import { api, need, type Schemas } from '$lib/api/client';

type JobView = Schemas['JobView'];

const isOver = (state: JobView['state']) => state !== 'waiting' && state !== 'working';

/**
 * Follows a long work until it is over, given up included.
 *
 * @param ontold called with every change, the last one included
 * @param signal ends the watching, not the work; none where it is watched to its end
 * @throws Refusal if the server has gone
 */
export function follow(id: string, ontold: (job: JobView) => void, signal?: AbortSignal): Promise<void> {
  return new Promise((resolve, reject) => {
    if (signal?.aborted) {
      resolve();
      return;
    }
    const events = new EventSource(`/api/jobs/${encodeURIComponent(id)}/events`);
    const end = () => {
      events.close();
      resolve();
    };
    const tell = (job: JobView) => {
      ontold(job);
      if (isOver(job.state)) end();
    };
    events.onmessage = (event) => tell(JSON.parse(event.data as string) as JobView);
    // A stream also breaks off when it has lasted too long: asking once tells which it was.
    events.onerror = () => {
      events.close();
      need(api.GET('/api/jobs/{id}', { params: { path: { id } } })).then((job) => {
        tell(job);
        if (!isOver(job.state)) follow(id, ontold, signal).then(resolve, reject);
      }, reject);
    };
    signal?.addEventListener('abort', end, { once: true });
  });
}

/** Gives a long work up, whether it waits or is under way. */
export async function giveUp(id: string): Promise<void> {
  await need(api.DELETE('/api/jobs/{id}', { params: { path: { id } } }));
}
