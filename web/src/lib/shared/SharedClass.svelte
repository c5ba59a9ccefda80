<script lang="ts">
  import { api, need } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import Partners from '$lib/class/Partners.svelte';
  import { bpm } from '$lib/class/evening';
  import Failed from '$lib/ui/Failed.svelte';
  import { onMount } from 'svelte';

  /** The rounds of a class on a screen in the hall, following what the coach's desk says was danced. */
  let { id }: { id: string } = $props();
  const EVERY = 3000;
  const read = loaded(
    () => id,
    (id) => need(api.GET('/api/shared/classes/{id}', { params: { path: { id } } }))
  );
  const rotation = $derived(read.current);
  const nth = $derived(rotation?.rounds.findIndex((round) => !round.danced) ?? -1);
  const round = $derived(rotation?.rounds[nth]);
  const following = $derived(rotation?.rounds[nth + 1]);

  onMount(() => {
    const timer = setInterval(() => {
      if (document.visibilityState === 'visible') void read.again();
    }, EVERY);
    return () => clearInterval(timer);
  });
</script>

<svelte:head><title>Class · Fluid Frame</title></svelte:head>
<Failed why={read.failed} />
{#if rotation}
  <div class="flex flex-wrap items-baseline gap-x-[2vw] border-b-2 border-ink">
    <h1 class="text-[7vw] leading-tight lg:text-[4vw]" aria-live="polite">
      {round ? `Round ${nth + 1}` : 'The evening is danced'}
      {#if round}<span class="text-[0.5em] text-soft">of {rotation.rounds.length}</span>{/if}
    </h1>
    {#if round}<p class="text-[4vw] text-soft lg:text-[2vw]">
        {round.name}{#if round.tempo > 0}, <span class="text-ink">{bpm(round.tempo)}</span> bars a minute{/if}{round.otherSide
          ? ', other side'
          : ''}
      </p>{/if}
  </div>
  <div class="mt-[1vw] grid gap-[2vw] lg:grid-cols-2">
    {#if round}<Partners {rotation} {round} title="Partners" />{/if}
    {#if following}<Partners {rotation} round={following} title="Then" />{/if}
  </div>
{/if}
