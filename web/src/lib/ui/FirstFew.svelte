<script lang="ts" generics="Item">
  import type { Snippet } from 'svelte';
  import Button from './Button.svelte';

  /** A list of choices of which the first few are seen at once and the rest when asked for. */
  interface Props {
    items: readonly Item[];
    label: string;
    /** How many are seen at first. */
    most?: number;
    children: Snippet<[Item, number]>;
  }

  let { items, label, most = 10, children }: Props = $props();
  let every = $state(false);
  const shown = $derived(every ? items : items.slice(0, most));
</script>

<ul class="flex max-h-60 flex-wrap gap-1.5 overflow-auto" aria-label={label}>
  {#each shown as item, nth (nth)}<li>{@render children(item, nth)}</li>{/each}
  {#if items.length > most}
    <li>
      <Button kind="quiet" aria-expanded={every} onclick={() => (every = !every)}
        >{every ? 'fewer' : `${items.length - most} more`}</Button
      >
    </li>
  {/if}
</ul>
