<script lang="ts">
  import { FAMILIES, titleOf, type Term } from './terms';
  import TermPicture from './TermPicture.svelte';

  let { terms, families = false }: { terms: readonly Term[]; families?: boolean } = $props();
</script>

<dl>
  {#each terms as term (`${term.group} ${term.term}`)}
    <div class="grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 border-b border-line py-2">
      <dt class="flex flex-wrap items-baseline gap-x-3">
        <span class="font-display text-lg font-semibold">{titleOf(term)}</span>
        {#each term.codes.filter((code) => code !== term.term.toLowerCase()) as code (code)}<kbd
            class="rounded-xs border border-line bg-raised px-1 text-xs">{code}</kbd
          >{/each}
        {#if families}<span class="text-xs text-soft">{FAMILIES[term.group]}</span>{/if}
      </dt>
      <dd class="col-start-1 max-w-prose text-sm text-soft">{term.says}</dd>
      {#if term.drawing}<dd class="col-start-2 row-span-2 row-start-1"><TermPicture drawing={term.drawing} /></dd>{/if}
    </div>
  {/each}
</dl>
