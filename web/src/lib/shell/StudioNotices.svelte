<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need } from '$lib/api/client';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import { onMount } from 'svelte';

  /** What the last starts had to say of the studio's file: shown until somebody has read it. */
  let notices = $state.raw<string[]>([]);
  const attempt = new Attempt();

  onMount(async () => {
    // A server that is away is told of by the view itself.
    notices = await need(api.GET('/api/studio/notices')).catch(() => []);
  });

  async function read() {
    await attempt.run(async () => {
      await need(api.DELETE('/api/studio/notices'));
      notices = [];
    });
  }
</script>

{#if notices.length > 0}
  <section aria-label="About your data" class="border-b border-line bg-doubtful-tint px-3 py-2 text-sm sm:px-5">
    <ul class="flex max-w-5xl flex-col gap-1">
      {#each notices as notice, nth (nth)}<li class="break-words">{notice}</li>{/each}
    </ul>
    <Failed why={attempt.failed} />
    <p class="mt-1"><Button onclick={() => void read()}>I have read this</Button></p>
  </section>
{/if}
