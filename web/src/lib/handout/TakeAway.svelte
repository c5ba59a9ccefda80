<script lang="ts">
  import { api, need } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import type { Kind } from '$lib/editing/kinds';
  import Failed from '$lib/ui/Failed.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import { addressOfCard, hasCard, sheetsOf } from './sheets';

  /** In what something kept can be taken away: sheets for paper, and files. */
  let { kind, id }: { kind: Kind; id: string } = $props();
  const offers = loaded(
    () => ({ kind, id }),
    (path) => need(api.GET('/api/exports/{kind}/{id}', { params: { path } }))
  );
  /** What stands above with more to choose. */
  const ABOVE = ['pdf', 'html'];
  const settings = getSettings();
  const entry = 'block px-2.5 py-1 hover:text-accent';
</script>

<div role="group" aria-label="Take away">
  {#each sheetsOf(kind, id) as sheet (sheet.what)}
    <a class={entry} href="/print/{sheet.what}/{encodeURIComponent(sheet.id)}">{sheet.words} …</a>
  {/each}
  {#if hasCard(kind)}
    <a class={entry} href={addressOfCard(kind, id, settings.wording, settings.count)} download
      >Practice card for a phone <span class="text-soft">.html</span></a
    >
  {/if}
  <Failed why={offers.failed} small />
  {#each (offers.current ?? []).filter((offer) => !ABOVE.includes(offer.format)) as offer (offer.format)}
    <a class={entry} href="/api/exports/{kind}/{encodeURIComponent(id)}/{offer.format}" download
      >{offer.title} <span class="text-soft">.{offer.format}</span></a
    >
  {/each}
</div>
