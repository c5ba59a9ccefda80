<script lang="ts">
  import type { FigureSummary, Schemas } from '$lib/api/client';
  import type { Wishes } from './wishes.svelte';

  interface Props {
    wishes: Wishes;
    figures: FigureSummary[];
    /** The parts of the song, if the routine is set to one. */
    sections: Schemas['SectionView'][];
  }

  let { wishes, figures, sections }: Props = $props();
  const named = $derived(new Map(figures.map((figure) => [figure.id, figure.name])));
  const field = 'rounded-xs border border-line bg-raised px-1.5 py-1 text-sm';

  function place(id: string, section: string) {
    wishes.highlights = wishes.highlights.map((one) => (one.id === id ? { id, section } : one));
  }
</script>

<label
  >highlight
  <select
    value=""
    disabled={wishes.highlights.length >= 12}
    onchange={(event) => {
      wishes.highlights = [...wishes.highlights, { id: event.currentTarget.value, section: '' }];
      event.currentTarget.value = '';
    }}
    class={field}
  >
    <option value="">begin a phrase with</option>
    {#each figures.filter((figure) => !wishes.highlights.some((one) => one.id === figure.id)) as figure (figure.id)}<option
        value={figure.id}>{figure.name}</option
      >{/each}
  </select></label
>
{#each wishes.highlights as one (one.id)}
  <span class="flex items-center gap-1 rounded-xs border border-accent px-1 text-accent">
    {named.get(one.id)}
    {#if sections.length}
      <select
        aria-label="Where {named.get(one.id)} is to be seen"
        value={one.section}
        onchange={(event) => place(one.id, event.currentTarget.value)}
        class="rounded-xs border border-line bg-raised text-sm text-ink"
      >
        <option value="">as a part begins</option>
        {#each sections as part, nth (nth)}<option value={part.name}>in {part.name}</option>{/each}
      </select>
    {/if}
    <button
      type="button"
      aria-label="{named.get(one.id)}: no highlight"
      onclick={() => (wishes.highlights = wishes.highlights.filter((other) => other.id !== one.id))}>×</button
    >
  </span>
{/each}
