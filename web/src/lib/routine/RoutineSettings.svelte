<script lang="ts">
  import Button from '$lib/ui/Button.svelte';
  import Dialog from '$lib/ui/Dialog.svelte';
  import { getRoutineEditor } from './routine-editor.svelte';

  const editor = getRoutineEditor();
  let open = $state(false);
  const floor = $derived(editor.routine.floor);
  const FIELDS = [
    { key: 'length', label: 'Floor length, metres', least: 4, most: 100, step: 0.5 },
    { key: 'width', label: 'Floor width, metres', least: 4, most: 100, step: 0.5 },
    { key: 'startX', label: 'Start along the first side, metres', least: 0, most: 100, step: 0.1 },
    { key: 'startY', label: 'Start from the far side, metres', least: 0, most: 100, step: 0.1 },
    { key: 'stride', label: 'Stride, metres', least: 0.3, most: 1.2, step: 0.05 }
  ] as const;

  const { floors, startTurns } = editor.terms;

  function number(value: string, least: number, most: number): number | null {
    const parsed = Number(value);
    return value !== '' && parsed >= least && parsed <= most ? parsed : null;
  }
</script>

<Button onclick={() => (open = true)}>Floor and tempo</Button>
<Dialog bind:open title="Floor and tempo">
  <div class="flex flex-col gap-2 text-sm">
    <label class="flex items-center justify-between gap-3"
      >Name<input
        value={editor.routine.name}
        maxlength="120"
        class="w-56 rounded-xs border border-strong bg-raised px-2 py-0.5"
        oninput={(e) => e.currentTarget.value.trim() && editor.describe({ name: e.currentTarget.value })}
      /></label
    >
    <label class="flex items-center justify-between gap-3"
      >Couple<input
        value={editor.routine.couple ?? ''}
        maxlength="120"
        class="w-56 rounded-xs border border-strong bg-raised px-2 py-0.5"
        oninput={(e) => editor.describe({ couple: e.currentTarget.value })}
      /></label
    >
    <label class="flex items-center justify-between gap-3"
      >Note<textarea
        value={editor.routine.note}
        maxlength="2000"
        rows="3"
        class="w-56 rounded-xs border border-strong bg-raised px-2 py-0.5"
        oninput={(e) => editor.describe({ note: e.currentTarget.value })}></textarea></label
    >
    <label class="flex items-center justify-between gap-3"
      >Tempo, bars a minute<input
        type="number"
        min="10"
        max="100"
        step="0.5"
        value={editor.routine.tempo}
        class="w-24 rounded-xs border border-strong bg-raised px-2 py-0.5"
        oninput={(e) => {
          const tempo = number(e.currentTarget.value, 10, 100);
          if (tempo !== null) editor.describe({ tempo });
        }}
      /></label
    >
    <label class="flex items-center justify-between gap-3"
      >Floor<select
        value={floors.findIndex((f) => f.length === floor.length && f.width === floor.width)}
        class="w-56 rounded-xs border border-strong bg-raised px-2 py-0.5"
        onchange={(e) => {
          const known = floors[Number(e.currentTarget.value)];
          if (known) editor.describe({ floor: { ...floor, length: known.length, width: known.width } });
        }}
      >
        <option value={-1}>its own size</option>
        {#each floors as known, i (i)}<option value={i}>{known.name}, {known.length} × {known.width} m</option>{/each}
      </select></label
    >
    <label class="flex items-center justify-between gap-3"
      >The first figure begins<select
        value={floor.startTurn ?? 0}
        class="w-56 rounded-xs border border-strong bg-raised px-2 py-0.5"
        onchange={(e) => editor.describe({ floor: { ...floor, startTurn: Number(e.currentTarget.value) } })}
      >
        {#each startTurns as turn (turn.sixteenths)}<option value={turn.sixteenths}>{turn.words}</option>{/each}
      </select></label
    >
    {#each FIELDS as field (field.key)}
      <label class="flex items-center justify-between gap-3"
        >{field.label}<input
          type="number"
          min={field.least}
          max={field.most}
          step={field.step}
          value={floor[field.key]}
          class="w-24 rounded-xs border border-strong bg-raised px-2 py-0.5"
          oninput={(e) => {
            const metres = number(e.currentTarget.value, field.least, field.most);
            if (metres !== null) editor.describe({ floor: { ...floor, [field.key]: metres } });
          }}
        /></label
      >
    {/each}
    <div class="mt-2 flex justify-end border-t border-line pt-3">
      <Button kind="main" onclick={() => (open = false)}>Done</Button>
    </div>
  </div>
</Dialog>
