<script lang="ts">
  import { goto } from '$app/navigation';
  import { api, need, type Schemas } from '$lib/api/client';
  import { longDay, timeOf } from '$lib/api/days';
  import { loaded } from '$lib/api/loaded.svelte';
  import { Editor } from '$lib/editing/editor.svelte';
  import EditorBar from '$lib/editing/EditorBar.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import type { Evening } from './evening';
  import Material from './Material.svelte';
  import MetGrid from './MetGrid.svelte';
  import Pairing from './Pairing.svelte';
  import Roster from './Roster.svelte';
  import RoundsList from './RoundsList.svelte';

  /** An evening of a class: who is here, what is danced, and who with whom. */
  let { view }: { view: Schemas['ClassView'] } = $props();
  // The desk is made anew for every evening.
  // svelte-ignore state_referenced_locally
  const editor = new Editor('class', view);
  void editor.recover();
  const evening = $derived(editor.state);
  const read = loaded(
    // Not for every letter of a note.
    () => JSON.stringify({ ...evening, note: '' }),
    (text) => need(api.POST('/api/classes/rotation', { body: JSON.parse(text) as Evening }))
  );
  const rotation = $derived(read.current);
  const earlier = $derived(rotation?.grid.some((two) => two.earlier > 0) ?? false);
  const field = 'rounded-xs border border-strong bg-raised px-2 py-1';
</script>

<h1 class="sr-only">{evening.group?.name ?? 'Open class'}, {longDay(evening.at)}</h1>
<header class="mb-4 flex flex-wrap items-end gap-x-4 gap-y-2 border-b-2 border-ink pb-2">
  <p class="font-display text-3xl">
    {#if evening.group}<a class="hover:text-accent" href="/people/{evening.group.id}">{evening.group.name}</a
      >{:else}Open class{/if}
    <span class="text-lg text-soft">{longDay(evening.at)}, {timeOf(evening.at)}</span>
  </p>
  <EditorBar {editor} onremoved={() => void goto('/classes')}>
    {#snippet main()}
      <a
        class="inline-flex items-center rounded-xs bg-accent px-3 py-1 text-sm text-on-accent hover:opacity-90"
        href="/classes/{editor.id}/floor">On the floor</a
      >
    {/snippet}
  </EditorBar>
</header>
<Failed why={read.failed} />
<div class="grid grid-cols-1 gap-x-8 gap-y-6 lg:grid-cols-[minmax(15rem,1fr)_minmax(0,2.4fr)]">
  <div class="flex min-w-0 flex-col gap-6">
    <Roster {editor} />
    <Material {editor} />
    <Pairing {editor} people={rotation?.people ?? []} />
  </div>
  <div class="flex min-w-0 flex-col gap-6">
    <section aria-label="Round by round" class="min-w-0">
      <h2 class="mb-1 text-lg">Round by round</h2>
      {#if rotation}
        <RoundsList {editor} {rotation} />
      {:else if !read.failed}<p class="text-soft">Being worked out…</p>{/if}
    </section>
    {#if rotation && rotation.people.length > 1}
      <section aria-label="Who has danced with whom" class="min-w-0">
        <h2 class="mb-1 text-lg">Who has danced with whom</h2>
        <MetGrid {rotation} {earlier} />
      </section>
    {/if}
    <div class="flex flex-wrap gap-3 text-sm">
      <label class="flex flex-col gap-1"
        >When <input
          type="datetime-local"
          value={evening.at}
          onchange={(event) =>
            event.currentTarget.value && editor.describe({ at: event.currentTarget.value.slice(0, 16) })}
          class={field}
        /></label
      >
      <label class="flex flex-col gap-1"
        >Where <input
          value={evening.where ?? ''}
          maxlength="120"
          oninput={(event) => editor.describe({ where: event.currentTarget.value })}
          class="{field} w-36"
        /></label
      >
      <label class="flex min-w-60 flex-1 flex-col gap-1"
        >Notes <textarea
          rows="2"
          maxlength="2000"
          value={evening.note ?? ''}
          oninput={(event) => editor.describe({ note: event.currentTarget.value })}
          class={field}></textarea></label
      >
    </div>
    <p class="max-w-prose text-xs text-soft">
      Warm up first and leave space between couples. Nobody has to dance with anybody; pain is a signal to stop.
    </p>
  </div>
</div>
