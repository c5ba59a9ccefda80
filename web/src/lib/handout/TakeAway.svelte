<script lang="ts">
  import { api, need } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import type { Kind } from '$lib/editing/kinds';
  import Failed from '$lib/ui/Failed.svelte';
  import { sheetsOf } from './sheets';

  /** In what something kept can be taken away: sheets for paper, and files. */
  let { kind, id }: { kind: Kind; id: string } = $props();
  const offers = loaded(
    () => ({ kind, id }),
    (path) => need(api.GET('/api/exports/{kind}/{id}', { params: { path } }))
  );
  const entry = 'block px-2.5 py-1 hover:text-accent';
</script>

<div role="group" aria-label="Take away">
  {#each sheetsOf(kind, id) as sheet (sheet.what)}
    <a class={entry} href="/print/{sheet.what}/{encodeURIComponent(sheet.id)}">{sheet.words} …</a>
  {/each}
  <Failed why={offers.failed} small />
  {#each offers.current ?? [] as offer (offer.format)}
    <a class={entry} href="/api/exports/{kind}/{encodeURIComponent(id)}/{offer.format}" download
      >{offer.title} <span class="text-soft">.{offer.format}</span></a
    >
  {/each}
</div>
