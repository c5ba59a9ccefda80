<script lang="ts">
  import { page } from '$app/state';
  import ThingText from '$lib/rescue/ThingText.svelte';
  import { thingAt } from '$lib/rescue/thing-text';

  const unknown = $derived(page.status === 404 && page.route.id === null);
  const thing = $derived(unknown ? null : thingAt(page.url.pathname));
</script>

{#if unknown}
  <h1 class="mb-2 text-2xl">There is no such page</h1>
  <p class="max-w-prose">
    Nothing lies at <span class="amount">{page.url.pathname}</span>. The places at the edge lead to everything there is.
  </p>
{:else}
  <h1 class="mb-2 text-2xl">That did not open</h1>
  <p class="max-w-prose">{page.error?.message ?? 'Something went wrong.'} What you saved is safe.</p>
{/if}
<p class="mt-3"><a class="text-accent underline" href="/figures">To the figures</a></p>
{#if thing && page.status !== 404}<div class="mt-4"><ThingText {thing} onkept={() => {}} /></div>{/if}
