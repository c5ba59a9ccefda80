<script lang="ts">
  import { afterNavigate } from '$app/navigation';
  import { page } from '$app/state';
  import Button from '$lib/ui/Button.svelte';
  import { thingAt } from './thing-text';
  import type { Snippet } from 'svelte';
  import ThingText from './ThingText.svelte';

  /** Whatever fails to draw fails in here: the header and the other places stay, and the thing itself can be opened as text. */
  let { children }: { children: Snippet } = $props();
  const thing = $derived(thingAt(page.url.pathname));
  let reset: (() => void) | null = null;

  // Another place is another chance, but only after a failure.
  afterNavigate(() => {
    const again = reset;
    reset = null;
    again?.();
  });

  function remember(error: unknown, again: () => void) {
    reset = again;
    console.warn('A view could not be drawn', error);
  }
</script>

<svelte:boundary onerror={remember}>
  {@render children()}
  {#snippet failed(error, again)}
    <section aria-label="What failed" class="max-w-3xl">
      <h1 class="mb-2 text-2xl">This could not be drawn</h1>
      <p role="alert">
        Something in it is not what this view expects. Nothing is lost: what you saved is kept as it was, and all other
        places work.
      </p>
      <p class="mt-1 text-sm text-soft">{error instanceof Error ? error.message.split('\n')[0] : String(error)}</p>
      <p class="my-3"><Button onclick={again}>Try again</Button></p>
      {#if thing}<ThingText {thing} onkept={again} />{/if}
    </section>
  {/snippet}
</svelte:boundary>
