<script lang="ts">
  import { api, need } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { getRoutineEditor } from '$lib/routine/routine-editor.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  const editor = getRoutineEditor();
  const ways = loaded(
    () => editor.routine,
    (body) => need(api.POST('/api/routines/blocked', { body }))
  );
  const bars = (count: number) => `${Number(count.toFixed(2))} ${count === 1 ? 'bar' : 'bars'}`;
</script>

<section aria-label="When blocked" class="text-sm">
  <p class="mb-2 text-soft">
    Another couple stands in the way: leave the figure, dance something that keeps within a step of its place, and go on
    where the routine allows it.
  </p>
  <Failed why={ways.failed} />
  <ol class="max-h-96 overflow-y-auto border-t border-line">
    {#each ways.current ?? [] as way (way.index)}
      <li class={['border-b border-line py-1', editor.selected === way.index && 'bg-tint']}>
        <button type="button" class="text-left" onclick={() => editor.select(way.index)}>
          <span class="font-semibold">{way.index + 1} {way.name}</span>
          {#if way.found}
            <span class="block">
              {way.after === way.name ? 'after it' : `after ${way.after}`}: {way.instead}, {bars(way.bars)}
              <span class="text-accent">→ {way.rejoin}</span></span
            >
          {:else if editor.work?.blocks[way.index]?.figure === undefined}<span class="block text-soft"
              >a free element: up to the two of you</span
            >
          {:else}<span class="block text-soft">nothing of two figures leads back; wait, or go round</span>{/if}
        </button>
      </li>
    {/each}
  </ol>
</section>
