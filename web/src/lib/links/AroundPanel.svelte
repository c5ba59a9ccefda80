<script lang="ts">
  import { api, need, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import PracticeLoops from './PracticeLoops.svelte';

  interface Props {
    figure: string;
    onpair: (before: string, after: string) => void;
    onway: (key: string) => void;
  }

  let { figure, onpair, onway }: Props = $props();
  const around = loaded(
    () => figure,
    (figure) => need(api.GET('/api/links/around', { params: { query: { figure } } }))
  );
  let asked = $state('');
</script>

{#snippet neighbours(title: string, list: Schemas['NeighbourView'][], out: boolean)}
  <div class="min-w-0">
    <h3 class="font-semibold">{title} <span class="font-normal text-soft">{list.length}</span></h3>
    <ul class="max-h-64 overflow-y-auto border-t border-line">
      {#each list as neighbour, nth (nth)}
        <li>
          <button
            type="button"
            class="flex w-full flex-wrap items-baseline gap-x-2 border-b border-line px-1 py-0.5 text-left hover:bg-sheet"
            onclick={() => (out ? onpair(figure, neighbour.way.key) : onpair(neighbour.way.key, figure))}
          >
            <span class={neighbour.customary ? 'font-semibold' : ''}>{neighbour.way.name}</span>
            {#if neighbour.customary}<span class="text-xs text-sound">customary</span>{/if}
            {#if neighbour.words}<span class="text-xs text-doubtful">if you {neighbour.words}</span>{/if}
          </button>
        </li>
      {:else}<li class="text-soft">nothing</li>{/each}
    </ul>
  </div>
{/snippet}

<section aria-label="Around the figure" class="text-sm">
  <Failed why={around.failed} />
  {#if around.current}
    {@const { way: shown, ways, into, out } = around.current}
    <div class="mb-1 flex flex-wrap items-baseline gap-2">
      <h2 class="text-lg">Around {shown.name}</h2>
      {#if ways.length > 1}
        <label class="ml-auto"
          >danced as <select
            value={figure}
            onchange={(e) => onway(e.currentTarget.value)}
            class="rounded-xs border border-line bg-raised px-1"
          >
            {#each ways as way (way.key)}<option value={way.key}>{way.name}</option>{/each}
          </select></label
        >
      {/if}
    </div>
    <div class="grid grid-cols-2 gap-4">
      {@render neighbours('leads in', into, false)}
      {@render neighbours('leads out', out, true)}
    </div>
    <div class="mt-2">
      {#if asked === figure}
        <PracticeLoops {figure} />
      {:else}
        <Button onclick={() => (asked = figure)}>Practice loops through it</Button>
      {/if}
    </div>
  {/if}
</section>
