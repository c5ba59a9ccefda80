<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas } from '$lib/api/client';
  import { later, longDay, todayHere } from '$lib/api/days';
  import { loaded } from '$lib/api/loaded.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Dialog from '$lib/ui/Dialog.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  interface Props {
    id: string;
    drill: Schemas['Drill'];
  }

  /** Puts a drill into somebody's practice, a lesson or an evening of a class. */
  let { id, drill }: Props = $props();
  const today = todayHere();
  const AHEAD = 28;
  const attempt = new Attempt();
  let open = $state(false);
  let done = $state<{ href: string; name: string } | null>(null);

  const read = loaded(
    () => open,
    async (wanted) => {
      if (!wanted) return [];
      const query = { from: today, limit: 100 };
      const [plans, lessons, classes] = await Promise.all([
        need(api.GET('/api/practices', { params: { query } })),
        need(api.GET('/api/lessons/days', { params: { query: { from: today, to: later(today, AHEAD) } } })),
        need(api.GET('/api/classes', { params: { query } }))
      ]);
      return [
        {
          words: 'Practice',
          kind: 'practice' as const,
          things: plans.lines.map((one) => ({ id: one.id, name: `${one.name}, until ${longDay(one.day)}` }))
        },
        {
          words: 'Lessons',
          kind: 'lesson' as const,
          things: lessons
            .filter((one) => !one.held)
            .map((one) => ({ id: one.id, name: `${one.name}, ${longDay(one.at)}` }))
        },
        {
          words: 'Classes',
          kind: 'class' as const,
          things: classes.lines.map((one) => ({ id: one.id, name: `${one.name}, ${longDay(one.at)}` }))
        }
      ];
    }
  );
  const nothing = $derived(read.current?.every((list) => list.things.length === 0) ?? false);
  const path = (of: string) => ({ params: { path: { id: of } } });
  const named = $derived({ kind: 'drill' as const, id, name: drill.name });

  const INTO = {
    async practice(of: string) {
      const { version, document } = await need(api.GET('/api/practices/{id}', path(of)));
      const others = (document.wanted ?? []).filter((one) => one.kind !== 'drill' || one.id !== id);
      const wanted = { ...document, wanted: [...others, { ...named, emphasis: 'usual' as const }] };
      const planned = await need(api.POST('/api/practice-plans', { params: { query: { today } }, body: wanted }));
      const body = { expectedVersion: version, document: planned.document };
      await need(api.PUT('/api/practices/{id}', { ...path(of), body }));
      return `/practice/${of}`;
    },
    async lesson(of: string) {
      const kept = await need(api.GET('/api/lessons/{id}', path(of)));
      const bare = !kept.document.items?.length && (kept.document.topics?.length ?? 0) > 0;
      // A plan proposed afterwards would take the drill's place.
      const { document } = bare ? await need(api.POST('/api/lesson-plans', { body: kept.document })) : kept;
      const item = {
        stage: 'slowly' as const,
        minutes: drill.minutes ?? 1,
        fixed: true,
        weight: 1,
        why: drill.purpose,
        aids: [named]
      };
      const body = { ...document, items: [item, ...(document.items ?? [])] };
      // Alone it does not fill the lesson: its minutes are shared out when the plan has more.
      const shared = body.items.length > 1 ? await need(api.POST('/api/lessons/shared', { body })) : { document: body };
      const save = { expectedVersion: kept.version, document: shared.document };
      await need(api.PUT('/api/lessons/{id}', { ...path(of), body: save }));
      return `/lessons/${of}`;
    },
    async class(of: string) {
      const { version, document } = await need(api.GET('/api/classes/{id}', path(of)));
      const others = (document.material ?? []).filter((one) => one.kind !== 'drill' || one.id !== id);
      const body = { expectedVersion: version, document: { ...document, material: [...others, named] } };
      await need(api.PUT('/api/classes/{id}', { ...path(of), body }));
      return `/classes/${of}`;
    }
  };

  const put = (kind: keyof typeof INTO, thing: { id: string; name: string }) =>
    attempt.run(async () => {
      done = { href: await INTO[kind](thing.id), name: thing.name };
    });
</script>

<Button
  onclick={() => {
    done = null;
    open = true;
  }}>Put into…</Button
>
<Dialog bind:open title="Put {drill.name} into">
  <Failed why={attempt.failed || read.failed} />
  {#if done}<p role="status" class="mb-2 border-l-4 border-sound pl-2">
      It is in: <a class="text-accent underline underline-offset-2" href={done.href}>{done.name}</a>.
    </p>{/if}
  {#if nothing}<p class="max-w-prose text-soft">
      No practice, lesson or class is to come. <a class="text-accent underline" href="/practice">Plan practice</a>,
      <a class="text-accent underline" href="/lessons">a lesson</a> or
      <a class="text-accent underline" href="/classes">a class</a> first.
    </p>{/if}
  {#each read.current ?? [] as list (list.kind)}
    {#if list.things.length > 0}
      <section aria-label={list.words} class="mb-3">
        <h3 class="font-semibold">{list.words}</h3>
        <ul class="max-h-48 overflow-y-auto text-sm">
          {#each list.things as thing (thing.id)}
            <li class="border-t border-line">
              <Button kind="quiet" class="w-full justify-start text-left" onclick={() => put(list.kind, thing)}
                >{thing.name}</Button
              >
            </li>
          {/each}
        </ul>
      </section>
    {/if}
  {/each}
</Dialog>
