<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas } from '$lib/api/client';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import FloorFits from './FloorFits.svelte';
  import RoadFloor from './RoadFloor.svelte';
  import SpotFloor from './SpotFloor.svelte';
  import StepWords from './StepWords.svelte';
  import { getRoutineEditor } from '$lib/routine/routine-editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';

  /** Has it danced here. */
  let { ondance }: { ondance: () => void } = $props();
  const editor = getRoutineEditor();
  const settings = getSettings();
  const floor = $derived(editor.routine.floor);
  let both = $state(false);
  let circuit = $state.raw<{ of: unknown; view: Schemas['CircuitView'] } | null>(null);
  const attempt = new Attempt();
  /** Which stop is stepped to, from 0; none shows the whole way. */
  let step = $state<number | null>(null);
  /** A circuit is only shown for the routine it was worked out for. */
  const round = $derived(
    circuit && circuit.of === editor.routine && circuit.view.path.length > 0 ? circuit.view : null
  );
  const path = $derived(round?.path ?? editor.work?.path ?? []);
  const now = $derived(step === null ? undefined : path[Math.min(step, path.length - 1)]);
  const block = $derived(editor.work?.blocks[Math.max(0, editor.selected)]);
  const SIDES = ['first long side', 'first short side', 'second long side', 'second short side'];
  let near = $state<boolean | null>(null);
  /** What of the floor is danced on, with room around it. */
  const danced = $derived.by(() => {
    const points = path.flatMap((stop) => [stop.his, stop.hers]);
    const [xs, ys] = [points.map((p) => p.x), points.map((p) => p.y)];
    const across = Math.max(5, Math.max(...xs) - Math.min(...xs) + 2, (Math.max(...ys) - Math.min(...ys) + 2) * 1.7);
    const [x, y] = [(Math.max(...xs) + Math.min(...xs)) / 2, (Math.max(...ys) + Math.min(...ys)) / 2];
    return { x: x - across / 2, y: y - across / 3.4, width: across, height: across / 1.7 };
  });
  const small = $derived(path.length > 0 && danced.width < floor.length * 0.5);
  const close = $derived(near ?? small);
  const blocks = $derived(editor.work?.blocks.length ?? 0);
  /** In a dance that stays where it begins a path says nothing: the couple does. */
  const spot = $derived(editor.work?.moving === false);
  /** Who dances: both, or one alone. */
  const roles = $derived(
    (['man', 'lady'] as const).filter((role) =>
      editor.work?.blocks.some((block) => block.steps.some((one) => one[role] !== ''))
    )
  );
  const words = $derived(now ? editor.work?.blocks[now.block % Math.max(1, blocks)] : undefined);
  /** Danced again, a routine goes on counting. */
  const begun = $derived(
    now && words && blocks > 0
      ? words.startBeat + Math.floor(now.block / blocks) * (editor.work?.bars ?? 0) * (editor.work?.beatsPerBar ?? 1)
      : 0
  );

  async function goRound() {
    if (round) {
      circuit = null;
      return;
    }
    const routine = editor.routine;
    await attempt.run(async () => {
      circuit = { of: routine, view: await need(api.POST('/api/routines/circuit', { body: routine })) };
    });
  }

  function stepTo(index: number) {
    step = Math.max(0, Math.min(index, path.length - 1));
    const stop = path[step];
    if (stop && blocks > 0) editor.select(stop.block % blocks);
  }
</script>

<section aria-label="Floor plan" class="flex min-w-0 flex-col gap-1">
  <div class="flex items-baseline gap-3">
    <h2 class="text-base">On the floor</h2>
    {#if path.length > 0}<Button class="order-last ml-auto" onclick={ondance}>Dance</Button>{/if}
    <p class="text-sm text-soft">
      {#if spot}{roles.length === 1
          ? 'where each figure begins'
          : 'the couple as each figure begins'}{:else}{floor.length} × {floor.width} m, stride {floor.stride} m; marks face
        where {roles.length === 1
          ? `the ${settings.role(roles[0] ?? 'man')} faces`
          : `the ${settings.role('man')} and the ${settings.role('lady')} face`}{/if}
    </p>
  </div>
  {#if spot}
    <SpotFloor
      {path}
      {roles}
      blocks={editor.work?.blocks ?? []}
      {now}
      selected={editor.selected}
      onselect={(index) => {
        step = null;
        editor.select(index);
      }}
    />
  {:else}
    <RoadFloor {floor} {path} {roles} {blocks} {now} {both} {close} {danced} selected={editor.selected} />
  {/if}
  {#if now && words}<StepWords stop={now} block={words} {begun} beatsPerBar={editor.work?.beatsPerBar ?? 3} />{/if}
  {#if path.length > 1}
    <div class="flex flex-wrap items-center gap-x-3 gap-y-1 text-sm">
      <Button class="px-1.5 py-0" aria-label="Step back" onclick={() => stepTo((step ?? 1) - 1)}>‹</Button>
      <input
        type="range"
        min="0"
        max={path.length - 1}
        value={step ?? 0}
        aria-label="Step through it"
        aria-valuetext={now
          ? `bar ${Math.floor(now.beat / (editor.work?.beatsPerBar ?? 3)) + 1}, ${editor.work?.blocks[now.block % blocks]?.name}`
          : 'the whole way'}
        oninput={(event) => stepTo(Number(event.currentTarget.value))}
        class="w-40"
      />
      <Button class="px-1.5 py-0" aria-label="Step on" onclick={() => stepTo((step ?? -1) + 1)}>›</Button>
      {#if !spot}
        <label class="flex items-center gap-1"><input type="checkbox" bind:checked={both} /> both dancers</label>
        {#if small}<label class="flex items-center gap-1"
            ><input type="checkbox" checked={!close} onchange={() => (near = !close)} /> the whole floor</label
          >{/if}
        <Button aria-pressed={round !== null} onclick={() => void goRound()}
          >{round ? 'Once through' : 'The whole circuit'}</Button
        >
      {/if}
      {#if round}
        <span class={round.closes ? 'text-sound' : 'text-doubtful'} role="status"
          >{round.closes ? 'It closes' : `It misses its beginning by ${round.gap} m`} danced {round.times === 1
            ? 'once'
            : `${round.times} times`}: {Number(round.bars.toFixed(2))} bars, {round.seconds} s{round.outside > 0
            ? `; up to ${round.outside} m off the floor`
            : ''}</span
        >
      {:else if !spot && block?.figure}
        <span class={block.left < 0 ? 'text-broken' : 'text-soft'}
          >{block.left} m of the {SIDES[block.side % 4]} left after {block.name}, bar {block.bar}</span
        >
      {/if}
    </div>
  {/if}
  <Failed small why={attempt.failed} />
  {#if circuit?.of === editor.routine && circuit.view.problem}
    <p role="alert" class="text-sm text-doubtful">{circuit.view.problem}</p>
  {/if}
  {#each editor.work?.floorNotes ?? [] as note, nth (nth)}
    <p class="text-sm font-semibold text-broken">{note}</p>
  {/each}
  {#if editor.work?.leavesFloor}<FloorFits />{/if}
</section>
