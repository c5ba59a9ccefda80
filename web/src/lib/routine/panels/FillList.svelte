<script lang="ts">
  import { getRoutineEditor } from '$lib/routine/routine-editor.svelte';
  import FitProposals from './FitProposals.svelte';

  const editor = getRoutineEditor();
  let more = $state(0);
  const span = $derived(editor.span);
  const beatsPerBar = $derived(editor.work?.beatsPerBar ?? 3);
  const now = $derived(
    (editor.work?.blocks ?? []).slice(span.from, span.to + 1).reduce((sum, block) => sum + block.beats, 0)
  );
  const beats = $derived(Math.max(0, now + more * beatsPerBar));
</script>

<div class="border-t border-line pt-2">
  <div class="flex flex-wrap items-center gap-2">
    <label class="flex items-center gap-1"
      >Instead, <select bind:value={more} class="rounded-xs border border-line bg-raised px-1 py-0.5">
        <option value={0}>just as long</option>
        {#each [1, 2, 3, 4] as longer (longer)}<option value={longer}
            >{longer} {longer === 1 ? 'bar' : 'bars'} longer</option
          >{/each}
        {#each [-1, -2, -3, -4].filter((shorter) => now + shorter * beatsPerBar >= 0) as shorter (shorter)}<option
            value={shorter}>{-shorter} {shorter === -1 ? 'bar' : 'bars'} shorter</option
          >{/each}
      </select></label
    >
    <FitProposals words="What fits here with the same ends?" from={span.from} to={span.to + 1} {beats} />
  </div>
</div>
