<script lang="ts">
  import { api, need } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import type { Editor } from '$lib/editing/editor.svelte';
  import FigurePick from '$lib/library/FigurePick.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  /** What is worked on: out of what they dance, or any figure. */
  let { editor }: { editor: Editor<'lesson'> } = $props();
  const topics = $derived(editor.state.topics ?? []);
  const read = loaded(
    () => editor.state.with,
    async ({ kind, id }) => {
      const path = { params: { path: { id } } };
      const [person, figures, routines] = await Promise.all([
        kind === 'group' ? need(api.GET('/api/groups/{id}', path)) : need(api.GET('/api/couples/{id}', path)),
        need(api.GET('/api/figures', { params: { query: { dance: 'all' } } })),
        need(api.GET('/api/routines', { params: { query: { limit: 500 } } }))
      ]);
      const named = (
        kind: 'figure' | 'routine',
        ids: readonly string[],
        all: readonly { id: string; name: string }[]
      ) =>
        ids.flatMap((id) => {
          const found = all.find((one) => one.id === id);
          return found ? [{ kind, id, name: found.name }] : [];
        });
      return {
        work: [
          ...named('routine', person.document.routines ?? [], routines.lines),
          ...named('figure', person.document.figures ?? [], figures)
        ]
      };
    }
  );
  const offered = $derived(
    (read.current?.work ?? []).filter((one) => !topics.some((topic) => topic.kind === one.kind && topic.id === one.id))
  );
  type Topic = (typeof topics)[number];
  const add = (topic: Topic) => editor.describe({ topics: [...topics, topic] });

  function pick(id: string, name: string) {
    if (id && !topics.some((topic) => topic.id === id)) add({ kind: 'figure', id, name });
  }
</script>

<section aria-label="What is worked on">
  <h2 class="mb-1 text-lg">What is worked on</h2>
  <Failed why={read.failed} small />
  <ul class="text-sm">
    {#each topics as topic, nth (`${topic.kind} ${topic.id}`)}
      <li class="flex items-baseline gap-2 border-t border-line py-0.5">
        <a class="grow font-semibold hover:text-accent" href="/{topic.kind}s/{topic.id}">{topic.name}</a>
        <Button
          kind="quiet"
          aria-label="Take out {topic.name}"
          onclick={() => editor.describe({ topics: topics.filter((_, other) => other !== nth) })}>×</Button
        >
      </li>
    {:else}<li class="text-soft">Nothing chosen yet.</li>{/each}
  </ul>
  {#if offered.length > 0}<p class="my-1 flex flex-wrap gap-1" role="group" aria-label="What they dance">
      {#each offered as one (`${one.kind} ${one.id}`)}<Button class="text-xs" onclick={() => add(one)}
          >+ {one.name}</Button
        >{/each}
    </p>{/if}
  {#key topics.length}<FigurePick label="Another figure" value="" name="" onpick={pick} />{/key}
</section>
