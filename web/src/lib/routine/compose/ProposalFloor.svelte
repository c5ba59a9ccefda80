<script lang="ts">
  import { api, need, type Placed } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { getRoutineEditor } from '$lib/routine/routine-editor.svelte';

  /** Where a proposal begins, if not where the routine does, and how. */
  interface Lies {
    startX: number;
    startY: number;
    times?: number;
    stride?: number;
    startTurn?: number;
  }

  let { figures, laid }: { figures: Placed[]; laid: Lies | undefined } = $props();
  const editor = getRoutineEditor();
  const floor = $derived({
    ...editor.routine.floor,
    ...(laid && {
      startX: laid.startX,
      startY: laid.startY,
      startTurn: laid.startTurn ?? 0,
      stride: laid.stride ?? editor.routine.floor.stride
    })
  });
  const worked = loaded(
    () => ({ ...editor.routine, floor, figures }),
    (body) => need(api.POST('/api/routines/work', { params: { query: { selected: -1 } }, body }))
  );
  const work = $derived(worked.current);
  const path = $derived((work?.path ?? []).map((stop) => `${stop.place.x} ${stop.place.y}`).join('L'));
  const words = $derived(
    !work
      ? 'The floor is being worked out'
      : work.floorNotes.length === 0
        ? 'It keeps to the floor'
        : work.floorNotes.join(' ')
  );
</script>

<svg
  viewBox="-0.5 -0.5 {floor.length + 1} {floor.width + 1}"
  class="h-24 w-40 shrink-0"
  role="img"
  aria-label="On the floor: {worked.failed || words}"
>
  <rect
    width={floor.length}
    height={floor.width}
    fill="var(--color-board)"
    stroke={work?.leavesFloor ? 'var(--color-broken)' : 'var(--color-wall)'}
    stroke-width="0.3"
  />
  {#if path}
    {#if laid?.times === 2}
      <!-- The second round mirrors the first in the middle of the floor. -->
      <path
        d="M{path}"
        transform="rotate(180 {floor.length / 2} {floor.width / 2})"
        fill="none"
        stroke="var(--color-ink)"
        stroke-width="0.2"
        stroke-dasharray="0.4 0.4"
        opacity=".6"
      />
    {/if}
    <path d="M{path}" fill="none" stroke="var(--color-ink)" stroke-width="0.25" stroke-linejoin="round" />
    <circle cx={work?.path[0]?.place.x} cy={work?.path[0]?.place.y} r="0.45" fill="var(--color-accent)" />
  {/if}
</svg>
