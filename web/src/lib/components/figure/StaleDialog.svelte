<script lang="ts">
  import type { Refusal } from '$lib/api/client';
  import Button from '$lib/components/ui/Button.svelte';
  import Dialog from '$lib/components/ui/Dialog.svelte';

  interface Props {
    stale: Refusal | null;
    what: string;
    onmine: () => void;
    onother: () => void;
  }

  let { stale, what, onmine, onother }: Props = $props();
</script>

<Dialog open={stale !== null} title="{what} was saved elsewhere">
  <p class="mb-3 text-sm">{stale?.message}</p>
  <div class="flex justify-end gap-2">
    <Button onclick={onother}>Take the other one</Button>
    <Button kind="main" onclick={onmine}>Keep mine as the newest</Button>
  </div>
</Dialog>
