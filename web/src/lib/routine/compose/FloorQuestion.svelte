<script lang="ts">
  import { getRoutineEditor } from '$lib/routine/routine-editor.svelte';
  import type { Wishes } from './wishes.svelte';

  let { wishes }: { wishes: Wishes } = $props();
  const editor = getRoutineEditor();
  const floor = $derived(editor.routine.floor);
  const SIDES = [
    ['long', 'Metres along the long side', 'm of the long side,'],
    ['short', 'Metres along the short side', 'm of the short']
  ] as const;
  const number = 'rounded-xs border border-line bg-raised px-1.5 py-1 text-sm w-16 text-right';
</script>

<div class="flex flex-col gap-1.5">
  <label class="flex items-center gap-1.5"
    ><input type="radio" name="where" value="anywhere" bind:group={wishes.where} /> anywhere</label
  >
  <div class="flex flex-wrap items-center gap-x-3 gap-y-1">
    <label class="flex items-center gap-1.5"
      ><input type="radio" name="where" value="floor" bind:group={wishes.where} /> stays on the {floor.length} × {floor.width}
      m of this floor, begun where it fits best</label
    >
    {#if wishes.where === 'floor'}
      <label class={wishes.closes ? '' : 'text-soft'}
        >and, if it can be danced again, uses
        <input
          type="number"
          aria-label="Hundredths of each long side"
          min="0"
          max="90"
          disabled={!wishes.closes}
          bind:value={wishes.share}
          class={number}
        /> % of each long side</label
      >
    {/if}
  </div>
  <div class="flex flex-wrap items-center gap-x-3 gap-y-1">
    <label class="flex items-center gap-1.5"
      ><input type="radio" name="where" value="corner" bind:group={wishes.where} /> round one corner:</label
    >
    {#each SIDES as [side, name, words] (side)}
      <label
        ><input
          type="number"
          aria-label={name}
          min="2"
          max="60"
          bind:value={wishes[side]}
          disabled={wishes.where !== 'corner'}
          class={number}
        />
        {words}</label
      >
    {/each}
  </div>
</div>
