import { beforeEach, expect, test, vi } from 'vitest';
import { keepText, textOf, thingAt } from './thing-text';

const { GET, PUT } = vi.hoisted(() => ({ GET: vi.fn(), PUT: vi.fn() }));
vi.mock('$lib/api/client', () => ({
  api: { GET, PUT },
  need: (answer: unknown) => Promise.resolve(answer),
  outlivesPage: () => false
}));

beforeEach(() => vi.resetAllMocks());

test('knows what a page is about', () => {
  expect(thingAt('/figures/waltz.whisk')).toEqual({ kind: 'figure', id: 'waltz.whisk', word: 'figure' });
  expect(thingAt('/routines')).toBeNull();
  expect(thingAt('/rules/x')).toBeNull();
});

test('shows the unsaved work on a figure before what is saved, and keeps a text as unsaved work', async () => {
  GET.mockReturnValue({
    version: 3,
    document: { name: 'saved' },
    drafts: [{ baseVersion: 2, document: { name: 'typed' } }]
  });
  const thing = thingAt('/figures/waltz.whisk')!;
  expect(await textOf(thing)).toContain('typed');
  await keepText(thing, '{"name":"mended"}');
  expect(PUT).toHaveBeenCalledExactlyOnceWith('/api/figures/{id}/draft', {
    params: { path: { id: 'waltz.whisk' } },
    body: {
      baseVersion: 2,
      document: { name: 'mended' },
      sent: { window: expect.stringContaining('by-hand') as string, number: 1 }
    },
    keepalive: false
  });
});

test('keeps a routine over the version it read, and nothing of a text that is no JSON', async () => {
  GET.mockReturnValue({ version: 8, document: { name: 'Odd' } });
  const thing = thingAt('/routines/5')!;
  await expect(keepText(thing, '{oops')).rejects.toThrow(SyntaxError);
  expect(PUT).not.toHaveBeenCalled();
  await keepText(thing, '{"name":"Even"}');
  expect(PUT).toHaveBeenCalledExactlyOnceWith('/api/routines/{id}', {
    params: { path: { id: '5' } },
    body: { expectedVersion: 8, document: { name: 'Even' } },
    keepalive: false
  });
});
