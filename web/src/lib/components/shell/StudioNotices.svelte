<script lang="ts">
  import { api, need } from '$lib/api/client';
  import Button from '$lib/components/ui/Button.svelte';
  import { onMount } from 'svelte';

  /** What the last starts had to say of the studio's file: shown until somebody has read it. */
  let notices = $state.raw<string[]>([]);
  let failed = $state('');

  onMount(async () => {
    // A server that is away is told of by the view itself.
    notices = await need(api.GET('/api/studio/notices')).catch(() => []);
  });

  async function read() {
    try {
      await need(api.DELETE('/api/studio/notices'));
      notices = [];
    } catch (error) {
      failed = error instanceof Error ? error.message : String(error);
    }
  }
</script>

{#if notices.length > 0}
  <section aria-label="About your data" class="border-b border-line bg-doubtful-tint px-3 py-2 text-sm sm:px-5">
    <ul class="flex max-w-5xl flex-col gap-1">
      {#each notices as notice, nth (nth)}<li class="break-words">{notice}</li>{/each}
    </ul>
    {#if failed}<p role="alert" class="text-broken">{failed}</p>{/if}
    <p class="mt-1"><Button onclick={() => void read()}>I have read this</Button></p>
  </section>
{/if}
