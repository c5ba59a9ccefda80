<script lang="ts">
  import Button from '$lib/ui/Button.svelte';
  import type { ListEditor } from './list-editor.svelte';

  let { editor }: { editor: ListEditor } = $props();
</script>

<fieldset class="mb-3 flex flex-wrap items-center gap-2" disabled={editor.starter}>
  <legend class="float-left mr-2 py-1 text-sm text-soft">Levels, first to last</legend>
  {#each editor.levels as level, i (i)}
    <span class="flex items-center border border-line bg-raised">
      <button
        type="button"
        disabled={i === 0}
        onclick={() => editor.moveLevel(i, -1)}
        aria-label="Move {level.name} earlier"
        class="px-1 text-soft hover:text-accent disabled:opacity-25">‹</button
      >
      <input
        value={level.name}
        maxlength="40"
        oninput={(event) => editor.renameLevel(i, event.currentTarget.value)}
        aria-label="Name of level {i + 1}"
        class="w-24 bg-transparent py-0.5 text-center text-sm"
      />
      <button
        type="button"
        disabled={i === editor.levels.length - 1}
        onclick={() => editor.moveLevel(i, 1)}
        aria-label="Move {level.name} later"
        class="px-1 text-soft hover:text-accent disabled:opacity-25">›</button
      >
      <button
        type="button"
        disabled={editor.levels.length === 1}
        onclick={() => editor.removeLevel(i)}
        aria-label="Take level {level.name} away; its figures are on none then"
        class="border-l border-line px-1.5 text-soft hover:text-broken disabled:opacity-25">×</button
      >
    </span>
  {/each}
  {#if !editor.starter && editor.levels.length < 12}<Button kind="quiet" onclick={() => editor.addLevel()}
      >Add a level</Button
    >{/if}
</fieldset>
