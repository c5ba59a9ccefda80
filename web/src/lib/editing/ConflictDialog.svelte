<script lang="ts" generics="K extends Kind">
  import Button from '$lib/ui/Button.svelte';
  import Dialog from '$lib/ui/Dialog.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import type { Editor } from './editor.svelte';
  import { nameOf, type Kind } from './kinds';

  interface Props {
    editor: Editor<K>;
    onmine: () => Promise<unknown>;
    ontheirs: () => Promise<unknown>;
    onboth: () => Promise<unknown>;
  }

  let { editor, onmine, ontheirs, onboth }: Props = $props();
  const settings = getSettings();
  const conflict = $derived(editor.conflict);
  const SHOWN = 60;
  let busy = $state(false);

  async function choose(work: () => Promise<unknown>) {
    busy = true;
    try {
      await work();
    } finally {
      busy = false;
    }
  }
</script>

<!-- Closed by a choice only: both sides stay at hand until one is made. -->
<Dialog bind:open={() => conflict !== null, () => undefined} title="“{nameOf(editor.state)}” was saved elsewhere" wide>
  {#if conflict}
    <p class="mb-3 text-sm">{conflict.message}</p>
    {#if conflict.differences.length > 0}
      <div class="mb-3 max-h-[45vh] overflow-auto border-y border-line">
        <table class="w-full text-sm" aria-label="What is different">
          <thead class="sticky top-0 bg-sheet text-left text-soft">
            <tr
              ><th class="py-1 pr-3 font-normal">where</th><th class="pr-3 font-normal"
                >theirs, version {conflict.version}</th
              ><th class="font-normal">mine</th></tr
            >
          </thead>
          <tbody>
            {#each conflict.differences.slice(0, SHOWN) as difference, nth (nth)}
              <tr class="border-t border-line align-top">
                <th scope="row" class="py-1 pr-3 text-left font-normal text-soft">{settings.say(difference.where)}</th>
                <td class="py-1 pr-3 break-words">{difference.before || 'nothing'}</td>
                <td class="py-1 font-semibold break-words">{difference.after || 'nothing'}</td>
              </tr>
            {/each}
          </tbody>
        </table>
        {#if conflict.differences.length > SHOWN}
          <p class="py-1 text-sm text-soft">and {conflict.differences.length - SHOWN} more</p>
        {/if}
      </div>
    {:else}
      <p class="mb-3 text-sm text-soft">The two cannot be laid side by side here, but none is lost.</p>
    {/if}
    <div class="flex flex-wrap justify-end gap-2">
      <Button disabled={busy} onclick={() => void choose(ontheirs)}>Take theirs</Button>
      <Button disabled={busy} onclick={() => void choose(onboth)}>Keep both</Button>
      <Button kind="main" disabled={busy} onclick={() => void choose(onmine)}>Keep mine</Button>
    </div>
  {/if}
</Dialog>
