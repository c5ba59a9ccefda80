<script lang="ts">
  import { page } from '$app/state';
  import { replaceState } from '$app/navigation';
  import TermList from './TermList.svelte';
  import { FAMILIES, searched, type Term } from './terms';

  let { terms }: { terms: readonly Term[] } = $props();
  let query = $state(page.url.searchParams.get('q') ?? '');
  const found = $derived(searched(terms, query));
  const families = $derived(
    Object.entries(FAMILIES)
      .map(([group, title]) => ({ group, title, terms: found.filter((term) => term.group === group) }))
      .filter((family) => family.terms.length > 0)
  );

  function typed(text: string) {
    query = text;
    replaceState(text.trim() ? `?q=${encodeURIComponent(text.trim())}` : '?', {});
  }
</script>

<div class="mb-2 flex flex-wrap items-end gap-x-4 gap-y-2">
  <h1 class="text-3xl">Glossary</h1>
  <input
    type="search"
    aria-label="Find a term"
    placeholder="a word, a sign, a code"
    value={query}
    oninput={(event) => typed(event.currentTarget.value)}
    class="w-64 rounded-xs border border-strong bg-raised px-2 py-1"
  />
  <span role="status" class="text-sm text-soft">{found.length} of {terms.length} terms</span>
</div>
<p class="mb-3 max-w-prose text-sm text-soft">
  Every word and sign of the charts. On any field <kbd class="rounded-xs border border-line bg-raised px-1 text-xs"
    >F1</kbd
  >
  tells what stands there. Schools differ: what yours says comes first.
</p>
{#if !query.trim()}<p class="mb-4 flex flex-wrap gap-x-3 gap-y-1 text-sm">
    {#each families as family (family.group)}<a
        class="underline decoration-line underline-offset-2 hover:decoration-accent"
        href="#{family.group}">{family.title}</a
      >{/each}
  </p>{/if}
<div class="columns-1 gap-10 lg:columns-2">
  {#each families as family (family.group)}
    <section class="mb-6" aria-label={family.title}>
      <h2 id={family.group} class="border-b-2 border-ink text-xl">{family.title}</h2>
      <TermList terms={family.terms} />
    </section>
  {:else}<p class="text-soft">Nothing here is called “{query.trim()}”, nor speaks of it.</p>{/each}
</div>
