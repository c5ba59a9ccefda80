<script lang="ts">
  import { api, need, type Schemas } from '$lib/api/client';
  import Button from '$lib/components/ui/Button.svelte';
  import { getRoutineEditor } from '$lib/state/routine-editor.svelte';

  const editor = getRoutineEditor();
  let more = $state(0);
  let found = $state.raw<{ for: string; list: Schemas['FillerView'][] } | null>(null);
  let failed = $state('');
  const span = $derived(editor.span);
  const beatsPerBar = $derived(editor.work?.beatsPerBar ?? 3);
  const now = $derived(
    (editor.work?.blocks ?? []).slice(span.from, span.to + 1).reduce((sum, block) => sum + block.beats, 0)
  );
  const beats = $derived(Math.max(0, now + more * beatsPerBar));
  /** A proposal is only good for the routine it was made for. */
  const asked = $derived(JSON.stringify([editor.routine.figures, span, beats]));
  const list = $derived(found && found.for === asked ? found.list : null);

  async function find() {
    const mine = asked;
    try {
      const params = { query: { from: span.from, to: span.to + 1, beats } };
      found = {
        for: mine,
        list: await need(api.POST('/api/routines/fill', { params, body: $state.snapshot(editor.routine) }))
      };
      failed = '';
    } catch (error) {
      failed = error instanceof Error ? error.message : String(error);
    }
  }
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
    <Button onclick={() => void find()}>What fits here with the same ends?</Button>
  </div>
  {#if failed}<p role="alert" class="text-broken">{failed}</p>{/if}
  {#if list}
    <ul class="mt-1 max-h-44 overflow-y-auto" aria-label="What fits here">
      {#each list as filler (filler.name)}
        <li>
          <button
            type="button"
            class="w-full border-b border-line px-1 py-0.5 text-left hover:bg-sheet"
            onclick={() => editor.replace(span, filler.figures)}>{filler.name}</button
          >
        </li>
      {:else}<li class="text-soft">Nothing of up to four figures lasts so long and joins at both ends.</li>{/each}
    </ul>
  {/if}
</div>
