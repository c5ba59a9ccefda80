<script lang="ts">
  import Dialog from '$lib/ui/Dialog.svelte';
  import { KEYS } from './keys';
  import { isShortcut } from './typing';

  /** The list of keys; ? shows it anywhere but in a field. */
  let { open = $bindable() }: { open: boolean } = $props();

  function shortcut(event: KeyboardEvent) {
    if (!isShortcut(event, '?')) return;
    event.preventDefault();
    open = true;
  }
</script>

<svelte:window onkeydown={shortcut} />
<Dialog bind:open title="Keys" wide>
  <div class="columns-1 gap-8 sm:columns-2">
    {#each KEYS as group (group.place)}
      <section class="mb-4 break-inside-avoid" aria-label={group.place}>
        <h3 class="border-b border-line font-display text-base font-semibold">{group.place}</h3>
        <dl class="text-sm">
          {#each group.keys as [keys, does] (keys)}
            <div class="flex justify-between gap-4 py-0.5">
              <dt class="text-soft">{does}</dt>
              <dd><kbd class="rounded-xs border border-line bg-raised px-1.5 text-xs">{keys}</kbd></dd>
            </div>
          {/each}
        </dl>
      </section>
    {/each}
  </div>
</Dialog>
