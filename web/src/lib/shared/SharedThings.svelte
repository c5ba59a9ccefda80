<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { addressOfCard } from '$lib/handout/sheets';
  import { getSettings } from '$lib/settings/settings.svelte';
  import FindField from '$lib/ui/FindField.svelte';
  import type { Snippet } from 'svelte';

  interface Props {
    title: string;
    kind: 'figure' | 'routine';
    things: readonly Schemas['SharedThing'][];
    /** What is said where there is none. */
    none: string;
    /** Beside the title. */
    children?: Snippet;
  }

  let { title, kind, things, none, children }: Props = $props();
  const settings = getSettings();
  /** So many fit without a search, and so many are shown before one is needed. */
  const FEW = 8;
  const MOST = 60;
  let wanted = $state('');
  const found = $derived(things.filter((one) => one.name.toLowerCase().includes(wanted.trim().toLowerCase())));
  const sheet = $derived(kind === 'routine' ? 'part' : 'figure');
</script>

<section aria-label={title}>
  <div class="flex flex-wrap items-baseline gap-x-3 gap-y-1 border-b-2 border-ink pb-1">
    <h2 class="mr-auto text-2xl">{title}</h2>
    {@render children?.()}
    {#if things.length > FEW}<FindField
        label="Find in {title.toLowerCase()}"
        onfind={(query) => (wanted = query)}
      />{/if}
  </div>
  <ul>
    {#each found.slice(0, MOST) as one (one.id)}
      {@const id = encodeURIComponent(one.id)}
      <li class="flex flex-wrap items-baseline gap-x-4 gap-y-0.5 border-b border-line py-1.5">
        <a class="min-w-40 flex-1 py-0.5" href="/shared/{kind}/{id}"
          ><span class="font-display text-lg text-accent">{one.name}</span>
          <span class="text-sm text-soft">{one.about}</span></a
        >
        <span class="flex gap-x-4 whitespace-nowrap"
          ><a
            class="text-sm text-soft underline underline-offset-2 hover:text-ink"
            aria-label="Sheet of {one.name}"
            href="/print/{sheet}/{id}">sheet</a
          >
          <a
            class="text-sm text-soft underline underline-offset-2 hover:text-ink"
            aria-label="Practice card of {one.name}"
            href={addressOfCard(kind, one.id, settings.wording, settings.count)}
            download>card</a
          ></span
        >
      </li>
    {:else}
      <li class="py-3 text-soft">{wanted.trim() ? `Nothing is called “${wanted.trim()}”.` : none}</li>
    {/each}
  </ul>
  {#if found.length > MOST}<p class="py-1 text-sm text-soft">
      {found.length - MOST} more: find them by name.
    </p>{/if}
</section>
