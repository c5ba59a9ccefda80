<script lang="ts">
  import { many } from '$lib/ui/many';
  import LibraryLinks from '$lib/list/LibraryLinks.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';

  let { data } = $props();
  const settings = getSettings();
</script>

<svelte:head><title>Free elements · Fluid Frame</title></svelte:head>
<LibraryLinks here="/elements" />
<h1 class="text-3xl">Free elements</h1>
<p class="mb-4 max-w-prose text-soft">
  What a showcase has besides figures. Feet and length are your own; the beats given here are only what is usual.
</p>
<ul class="grid max-w-5xl gap-x-8 md:grid-cols-2">
  {#each data.elements as element, nth (nth)}
    <li class="border-b border-line py-2">
      <h2 class="flex items-baseline gap-2 text-lg">
        {element.name}<span class="amount ml-auto text-sm font-normal text-soft"
          >usually {many(element.usualBeats, 'beat')}</span
        >
      </h2>
      <p class="text-sm">{settings.tell(element.summary, false)}</p>
      {#each element.cautions as caution, nth (nth)}<p class="mt-1 border-l-4 border-accent pl-2 text-sm text-soft">
          {caution}
        </p>{/each}
    </li>
  {/each}
</ul>
