<script lang="ts">
  import type { Placed } from '$lib/api/client';
  import { getRoutineEditor } from '$lib/routine/routine-editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';

  /** How a free element leaves the couple, as the coach says; without it any figure may follow. */
  let { index, leaves }: { index: number; leaves: Placed['leaves'] } = $props();
  const editor = getRoutineEditor();
  const settings = getSettings();
  const terms = $derived(editor.terms);
  const field = 'max-w-52 rounded-xs border border-line bg-raised px-1.5 py-0.5';
  type Leaves = NonNullable<Placed['leaves']>;
  const usual = $derived({ ...editor.terms.usualEnd } as Leaves);

  const say = (by: Partial<Leaves>) => editor.change(index, { leaves: { ...usual, ...leaves, ...by } });
</script>

<label class="flex items-center gap-2"
  ><input
    type="checkbox"
    checked={leaves !== undefined}
    onchange={() => editor.change(index, { leaves: leaves ? undefined : usual })}
  /> say how it ends, so that the join after it is judged</label
>
{#if leaves}
  <fieldset class="flex flex-col gap-2 border-l-4 border-line pl-2">
    <legend class="sr-only">How it ends</legend>
    <label class="flex items-center justify-between gap-3"
      >Position <select
        class={field}
        value={leaves.position}
        onchange={(e) => say({ position: e.currentTarget.value })}
      >
        {#each terms.positions as position (position)}<option>{position}</option>{/each}
      </select></label
    >
    <label class="flex items-center justify-between gap-3"
      >Hold <select class={field} value={leaves.hold} onchange={(e) => say({ hold: e.currentTarget.value })}>
        {#each terms.holds as hold (hold)}<option>{hold}</option>{/each}
      </select></label
    >
    <label class="flex items-center justify-between gap-3"
      >{settings.Role('man')}'s free foot
      <select
        class={field}
        value={leaves.manFree}
        onchange={(e) => say({ manFree: e.currentTarget.value as Leaves['manFree'] })}
      >
        {#each terms.feet as foot (foot.id)}<option value={foot.id}>{foot.words}</option>{/each}
      </select></label
    >
    <label class="flex items-center gap-2"
      ><input
        type="checkbox"
        checked={leaves.sameFeet ?? false}
        onchange={() => say({ sameFeet: leaves.sameFeet ? undefined : true })}
      />
      the {settings.role('lady')} has the same foot free</label
    >
    <label class="flex items-center justify-between gap-3"
      >{settings.Role('man')}'s feet point to
      <select class={field} value={leaves.man ?? ''} onchange={(e) => say({ man: e.currentTarget.value || undefined })}>
        <option value="">as before it</option>
        {#each terms.directions as direction (direction)}<option>{direction}</option>{/each}
      </select></label
    >
  </fieldset>
{/if}
