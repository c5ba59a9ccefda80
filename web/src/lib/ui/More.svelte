<script lang="ts" generics="L">
  import type { Paged } from '$lib/api/paged.svelte';
  import Button from './Button.svelte';
  import Failed from './Failed.svelte';

  let { list, what }: { list: Paged<L>; what: string } = $props();
</script>

<Failed why={list.failed} />
{#if list.lines && list.hasMore}
  <p class="my-3 flex items-center gap-3 text-sm text-soft">
    <Button onclick={() => void list.more()}>Show more</Button>
    {list.lines.length} of {list.total}
    {what}
  </p>
{/if}
