<script lang="ts">
  import { api, need } from '$lib/api/client';
  import { words } from '$lib/api/words';
  import Dialog from '$lib/ui/Dialog.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import TermList from './TermList.svelte';
  import { searched, spokenOf, type Term } from './terms';

  /** F1 tells what stands in the field, heading or button that has the focus, or in what is marked. */
  let { open = $bindable() }: { open: boolean } = $props();
  const LONGEST = 300;
  const MOST = 30;
  let terms = $state.raw<readonly Term[] | null>(null);
  let here = $state.raw({ label: '', text: '' });
  let query = $state('');
  let failed = $state('');
  const found = $derived(
    terms === null ? [] : query.trim() ? searched(terms, query) : spokenOf(terms, here.label, here.text)
  );

  /** What the focus is on: its label, and what stands in it. */
  function focused() {
    const on = document.activeElement;
    const isField = on instanceof HTMLInputElement || on instanceof HTMLTextAreaElement;
    const marked = isField ? '' : (window.getSelection()?.toString().trim() ?? '');
    if (marked) return { label: '', text: marked.slice(0, LONGEST) };
    if (!(on instanceof HTMLElement) || on === document.body) return { label: '', text: '' };
    const label = on.getAttribute('aria-label') ?? on.closest('label')?.textContent ?? '';
    const value = on instanceof HTMLInputElement || on instanceof HTMLSelectElement ? on.value : on.textContent;
    return { label: label.slice(0, LONGEST), text: (value ?? '').slice(0, LONGEST) };
  }

  async function onkeydown(event: KeyboardEvent) {
    if (event.key !== 'F1' || event.ctrlKey || event.altKey || event.metaKey) return;
    event.preventDefault();
    if (document.querySelector('[role="dialog"]')) return;
    here = focused();
    query = '';
    open = true;
    if (terms) return;
    try {
      terms = await need(api.GET('/api/glossary'));
      failed = '';
    } catch (error) {
      failed = words(error);
    }
  }
</script>

<svelte:window onkeydown={(event) => void onkeydown(event)} />
<Dialog bind:open title="What it means" wide>
  <input
    type="search"
    data-autofocus
    aria-label="Find a term"
    placeholder="a word, a sign, a code"
    bind:value={query}
    class="mb-2 w-full rounded-xs border border-strong bg-raised px-2 py-1"
  />
  <Failed why={failed} />
  {#if terms}
    <TermList terms={found.slice(0, MOST)} families />
    {#if found.length === 0}<p class="py-2 text-sm text-soft">
        {query.trim()
          ? `Nothing is called “${query.trim()}”, nor speaks of it.`
          : 'Nothing of the glossary stands there.'}
      </p>{/if}
    <p class="mt-3 text-sm">
      <a class="text-accent underline underline-offset-2" href="/glossary" onclick={() => (open = false)}
        >The whole glossary</a
      >
    </p>
  {/if}
</Dialog>
