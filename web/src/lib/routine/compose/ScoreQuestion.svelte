<script lang="ts">
  import type { Wishes } from './wishes.svelte';

  interface Props {
    wishes: Wishes;
    /** Whether the couple goes round the floor, so that metres count. */
    moving: boolean;
  }

  let { wishes, moving }: Props = $props();
  const WEIGHTS = [
    ['customary', 'customary join'],
    ['highlight', 'highlight where asked'],
    ['variety', 'off for a figure after itself, or a pair twice in a row'],
    ['travel', 'metre along the line'],
    ['sides', 'change of turning side'],
    ['change', 'change of position, level or facing'],
    ['build', 'off for the most difficult first']
  ] as const;
  const shown = $derived(WEIGHTS.filter(([key]) => moving || key !== 'travel'));
  const weights = $derived(wishes.weights);
</script>

<div class="flex flex-wrap items-center gap-x-4 gap-y-1">
  {#if weights}
    {#each shown as [key, word] (key)}
      <label class="text-soft"
        >{word}
        <input
          type="number"
          min="0"
          max="10"
          value={weights[key]}
          onchange={(event) =>
            event.currentTarget.validity.valid &&
            (wishes.weights = { ...weights, [key]: Number(event.currentTarget.value) })}
          class="w-10 border-b border-strong bg-transparent text-right text-ink"
        /></label
      >
    {/each}
  {/if}
</div>
