import { api, need, outlivesPage, type Schemas } from '$lib/api/client';

/** What a studio keeps, as in the server's addresses of everything kept. */
export type Kind =
  | 'figure'
  | 'routine'
  | 'song'
  | 'event'
  | 'list'
  | 'dancer'
  | 'couple'
  | 'group'
  | 'lesson'
  | 'drill'
  | 'card'
  | 'practice'
  | 'class';

/** The documents by their kinds. */
export interface Documents {
  figure: Schemas['Chart'];
  routine: Schemas['Routine'];
  song: Schemas['Song'];
  event: Schemas['Event'];
  list: Schemas['FigureList'];
  dancer: Schemas['Dancer'];
  couple: Schemas['Couple'];
  group: Schemas['Group'];
  lesson: Schemas['Lesson'];
  drill: Schemas['Drill'];
  card: Schemas['Card'];
  practice: Schemas['Practice'];
  class: Schemas['ClassEvening'];
}

/** What something kept is called; lessons and practice by whom they are with, classes by whose they are. */
export function nameOf(document: Documents[Kind]): string {
  if ('name' in document) return document.name;
  if ('aim' in document) return `${document.with.name}, ${document.aim.name}`;
  const whose = 'with' in document ? document.with.name : (document.group?.name ?? 'Open class');
  return `${whose}, ${document.at.replace('T', ' ')}`;
}

/** The same under another name; a lesson has none of its own. */
export const renamed = <T extends Documents[Kind]>(document: T, name: string): T =>
  'name' in document ? { ...document, name } : document;

/** Which state of a document a window sends: numbered, so that what arrives late changes nothing. */
export interface Sent {
  window: string;
  number: number;
}

/** How one kind of document is made, sent and read. */
export interface Channel<K extends Kind> {
  /** Where its pages are. */
  page: string;
  /** Keeps a state that was begun from a version; answers the version that stands then. */
  send(id: string, version: number, document: Documents[K], sent: Sent): Promise<{ version: number }>;
  create(document: Documents[K]): Promise<{ id: string }>;
  get(id: string): Promise<{ version: number; document: Documents[K] }>;
  /** Into the bin. */
  remove(id: string): Promise<unknown>;
}

const path = (id: string) => ({ params: { path: { id } } });

/** One channel a kind. A figure's state is sent as unsaved work; it is saved as a version when the coach says so. */
export const CHANNELS: { [K in Kind]: Channel<K> } = {
  figure: {
    page: '/figures',
    async send(id, version, document, sent) {
      const body = { baseVersion: version, document, sent };
      await need(api.PUT('/api/figures/{id}/draft', { ...path(id), body, keepalive: outlivesPage() }));
      return { version };
    },
    create: (document) => need(api.POST('/api/figures', { body: document })),
    async get(id) {
      const view = await need(api.GET('/api/figures/{id}', path(id)));
      const [draft] = view.drafts;
      return draft ? { version: draft.baseVersion, document: draft.document } : view;
    },
    remove: (id) => need(api.DELETE('/api/figures/{id}', path(id)))
  },
  routine: {
    page: '/routines',
    send: (id, expectedVersion, document) =>
      need(
        api.PUT('/api/routines/{id}', { ...path(id), body: { expectedVersion, document }, keepalive: outlivesPage() })
      ),
    create: (document) => need(api.POST('/api/routines', { body: document })),
    get: (id) => need(api.GET('/api/routines/{id}', path(id))),
    remove: (id) => need(api.DELETE('/api/routines/{id}', path(id)))
  },
  song: {
    page: '/songs',
    send: (id, expectedVersion, document) =>
      need(api.PUT('/api/songs/{id}', { ...path(id), body: { expectedVersion, document }, keepalive: outlivesPage() })),
    create: (document) => need(api.POST('/api/songs', { body: document })),
    get: (id) => need(api.GET('/api/songs/{id}', path(id))),
    remove: (id) => need(api.DELETE('/api/songs/{id}', path(id)))
  },
  event: {
    page: '/events',
    send: (id, expectedVersion, document) =>
      need(
        api.PUT('/api/events/{id}', { ...path(id), body: { expectedVersion, document }, keepalive: outlivesPage() })
      ),
    create: (document) => need(api.POST('/api/events', { body: document })),
    get: (id) => need(api.GET('/api/events/{id}', path(id))),
    remove: (id) => need(api.DELETE('/api/events/{id}', path(id)))
  },
  list: {
    page: '/lists',
    send: (id, expectedVersion, document) =>
      need(api.PUT('/api/lists/{id}', { ...path(id), body: { expectedVersion, document }, keepalive: outlivesPage() })),
    create: (document) => need(api.POST('/api/lists', { body: document })),
    get: (id) => need(api.GET('/api/lists/{id}', path(id))),
    remove: (id) => need(api.DELETE('/api/lists/{id}', path(id)))
  },
  dancer: {
    page: '/dancers',
    send: (id, expectedVersion, document) =>
      need(
        api.PUT('/api/dancers/{id}', { ...path(id), body: { expectedVersion, document }, keepalive: outlivesPage() })
      ),
    create: (document) => need(api.POST('/api/dancers', { body: document })),
    get: (id) => need(api.GET('/api/dancers/{id}', path(id))),
    remove: (id) => need(api.DELETE('/api/dancers/{id}', path(id)))
  },
  couple: {
    page: '/people',
    send: (id, expectedVersion, document) =>
      need(
        api.PUT('/api/couples/{id}', { ...path(id), body: { expectedVersion, document }, keepalive: outlivesPage() })
      ),
    create: (document) => need(api.POST('/api/couples', { body: document })),
    get: (id) => need(api.GET('/api/couples/{id}', path(id))),
    remove: (id) => need(api.DELETE('/api/couples/{id}', path(id)))
  },
  group: {
    page: '/people',
    send: (id, expectedVersion, document) =>
      need(
        api.PUT('/api/groups/{id}', { ...path(id), body: { expectedVersion, document }, keepalive: outlivesPage() })
      ),
    create: (document) => need(api.POST('/api/groups', { body: document })),
    get: (id) => need(api.GET('/api/groups/{id}', path(id))),
    remove: (id) => need(api.DELETE('/api/groups/{id}', path(id)))
  },
  lesson: {
    page: '/lessons',
    send: (id, expectedVersion, document) =>
      need(
        api.PUT('/api/lessons/{id}', { ...path(id), body: { expectedVersion, document }, keepalive: outlivesPage() })
      ),
    create: (document) => need(api.POST('/api/lessons', { body: document })),
    get: (id) => need(api.GET('/api/lessons/{id}', path(id))),
    remove: (id) => need(api.DELETE('/api/lessons/{id}', path(id)))
  },
  drill: {
    page: '/drills',
    send: (id, expectedVersion, document) =>
      need(
        api.PUT('/api/drills/{id}', { ...path(id), body: { expectedVersion, document }, keepalive: outlivesPage() })
      ),
    create: (document) => need(api.POST('/api/drills', { body: document })),
    get: (id) => need(api.GET('/api/drills/{id}', path(id))),
    remove: (id) => need(api.DELETE('/api/drills/{id}', path(id)))
  },
  card: {
    page: '/cards',
    send: (id, expectedVersion, document) =>
      need(api.PUT('/api/cards/{id}', { ...path(id), body: { expectedVersion, document }, keepalive: outlivesPage() })),
    create: (document) => need(api.POST('/api/cards', { body: document })),
    get: (id) => need(api.GET('/api/cards/{id}', path(id))),
    remove: (id) => need(api.DELETE('/api/cards/{id}', path(id)))
  },
  practice: {
    page: '/practice',
    send: (id, expectedVersion, document) =>
      need(
        api.PUT('/api/practices/{id}', { ...path(id), body: { expectedVersion, document }, keepalive: outlivesPage() })
      ),
    create: (document) => need(api.POST('/api/practices', { body: document })),
    get: (id) => need(api.GET('/api/practices/{id}', path(id))),
    remove: (id) => need(api.DELETE('/api/practices/{id}', path(id)))
  },
  class: {
    page: '/classes',
    send: (id, expectedVersion, document) =>
      need(
        api.PUT('/api/classes/{id}', { ...path(id), body: { expectedVersion, document }, keepalive: outlivesPage() })
      ),
    create: (document) => need(api.POST('/api/classes', { body: document })),
    get: (id) => need(api.GET('/api/classes/{id}', path(id))),
    remove: (id) => need(api.DELETE('/api/classes/{id}', path(id)))
  }
};

/** Where one is asked for, without what comes behind it. */
export const addressOf = (kind: Kind, id: string) =>
  `/api/${kind === 'class' ? 'classes' : `${kind}s`}/${encodeURIComponent(id)}`;

/** The channel of one kind. */
export const channelOf = <K extends Kind>(kind: K) => CHANNELS[kind] as unknown as Channel<K>;

/** The page of something kept; lists share one. */
export function pageOf(kind: Kind, id: string): string {
  return kind === 'list' ? `/lists?list=${encodeURIComponent(id)}` : `${CHANNELS[kind].page}/${encodeURIComponent(id)}`;
}
