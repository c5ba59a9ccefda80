<script lang="ts">
  import type { FigureSummary } from '$lib/api/client';

  interface Props {
    figures: FigureSummary[];
    /** How often each may be danced at the most, by id. */
    limits: Record<string, number>;
  }

  let { figures, limits = $bindable() }: Props = $props();
  const named = $derived(new Map(figures.map((figure) => [figure.id, figure.name])));
  const field = 'rounded-xs border border-line bg-raised px-1.5 py-1 text-sm';
</script>

<label
  >not too often
  <select
    value=""
    disabled={Object.keys(limits).length >= 5}
    onchange={(event) => {
      limits = { ...limits, [event.currentTarget.value]: 1 };
      event.currentTarget.value = '';
    }}
    class={field}
  >
    <option value="">limit a figure</option>
    {#each figures.filter((figure) => !(figure.id in limits)) as figure (figure.id)}<option value={figure.id}
        >{figure.name}</option
      >{/each}
  </select></label
>
{#each Object.entries(limits) as [id, most] (id)}
  <span class="flex items-center gap-1 border border-line px-1"
    ><label
      >{named.get(id)} at most
      <input
        type="number"
        min="0"
        max="16"
        value={most}
        onchange={(event) => (limits = { ...limits, [id]: Number(event.currentTarget.value) })}
        class="w-10 border-b border-strong bg-transparent text-right"
      /></label
    >
    <button
      type="button"
      aria-label="{named.get(id)}: as often as fits"
      onclick={() => (limits = Object.fromEntries(Object.entries(limits).filter(([other]) => other !== id)))}>×</button
    ></span
  >
{/each}
