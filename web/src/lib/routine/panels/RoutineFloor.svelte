<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas } from '$lib/api/client';
  import Button from '$lib/ui/Button.svelte';
  import FloorBoards from '$lib/floor/FloorBoards.svelte';
  import { away } from '$lib/floor/geometry';
  import Failed from '$lib/ui/Failed.svelte';
  import { getRoutineEditor } from '$lib/routine/routine-editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';

  const editor = getRoutineEditor();
  const settings = getSettings();
  const floor = $derived(editor.routine.floor);
  const hall = $derived({ x: 0, y: 0, width: floor.length, height: floor.width });
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
  const unit = $derived((close ? danced.width : Math.max(floor.length, floor.width)) / 60);
  const view = $derived(
    close ? danced : { x: -unit * 2, y: -unit * 2, width: floor.length + unit * 4, height: floor.width + unit * 4 }
  );
  const legs = $derived(
    Array.from({ length: (path.at(-1)?.block ?? -1) + 1 }, (_, index) => {
      const stops = path.filter((stop) => stop.block === index);
      const first = path.indexOf(stops[0] ?? path[0]!);
      const from = index === 0 ? [] : path.slice(Math.max(first - 1, 0), first);
      return { index, stops: stops.length > 0 ? [...from, ...stops] : [] };
    })
  );
  const starts = $derived(legs.map((leg) => ({ ...leg, stop: leg.stops[0] })).filter((leg) => leg.stop));
  const end = $derived(path.at(-1));
  const blocks = $derived(editor.work?.blocks.length ?? 0);
  const chosen = (leg: number) => blocks > 0 && leg % blocks === editor.selected;
  const line = (points: { x: number; y: number }[]) => `M${points.map((p) => `${p.x} ${p.y}`).join('L')}`;

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
    <p class="text-sm text-soft">
      {floor.length} × {floor.width} m, stride {floor.stride} m; marks face where the {settings.role('man')} and the {settings.role(
        'lady'
      )} face
    </p>
  </div>
  <svg
    viewBox="{view.x} {view.y} {view.width} {view.height}"
    class="max-h-[29.5rem] w-full"
    preserveAspectRatio="xMinYMin meet"
    role="img"
    aria-label="The path of the couple over the floor, {legs.length} figures"
  >
    <FloorBoards box={hall} />
    <rect
      x="0"
      y="0"
      width={floor.length}
      height={floor.width}
      fill="none"
      stroke="var(--color-wall)"
      stroke-width={unit * 0.35}
    />
    <g fill="none" stroke="var(--color-wall)" stroke-width={unit * 0.12} opacity=".75">
      <path
        d="M{floor.length / 2 - unit * 3} {floor.width - unit * 1}h{unit * 6}m{-unit} {-unit * 0.6}l{unit} {unit *
          0.6}l{-unit} {unit * 0.6}"
      />
      <path
        d="M{floor.length - unit * 1} {floor.width / 2 + unit * 3}v{-unit * 6}m{-unit * 0.6} {unit}l{unit *
          0.6} {-unit}l{unit * 0.6} {unit}"
      />
      <path
        d="M{floor.length / 2 + unit * 3} {unit * 1}h{-unit * 6}m{unit} {-unit * 0.6}l{-unit} {unit *
          0.6}l{unit} {unit * 0.6}"
      />
      <path
        d="M{unit * 1} {floor.width / 2 - unit * 3}v{unit * 6}m{-unit * 0.6} {-unit}l{unit * 0.6} {unit}l{unit *
          0.6} {-unit}"
      />
    </g>
    {#if both && path.length > 0}
      <path
        d={line(path.map((stop) => stop.his))}
        fill="none"
        stroke="var(--color-man)"
        stroke-width={unit * 0.16}
        opacity=".8"
      />
      <path
        d={line(path.map((stop) => stop.hers))}
        fill="none"
        stroke="var(--color-lady)"
        stroke-width={unit * 0.16}
        stroke-dasharray="{unit * 0.4} {unit * 0.3}"
        opacity=".8"
      />
    {/if}
    {#each legs.filter((leg) => leg.stops.length > 0) as leg (leg.index)}
      <path
        d={line(leg.stops.map((stop) => stop.place))}
        fill="none"
        stroke={chosen(leg.index) ? 'var(--color-accent)' : 'var(--color-ink)'}
        stroke-width={unit * (chosen(leg.index) ? 0.55 : 0.26)}
        stroke-linejoin="round"
        stroke-linecap="round"
      />
    {/each}
    {#each starts.filter((leg) => leg.index < blocks) as leg (leg.index)}
      {@const stop = leg.stop!}
      {@const man = away(stop.place.x, stop.place.y, unit * 1.5, stop.man)}
      {@const lady = away(stop.place.x, stop.place.y, unit * 1.5, stop.lady)}
      {@const label = away(stop.place.x, stop.place.y, unit * 2.1, stop.man + 5)}
      <g stroke-width={unit * 0.3} stroke-linecap="round">
        <path d="M{stop.place.x} {stop.place.y}L{man.x} {man.y}" stroke="var(--color-man)" />
        <path
          d="M{stop.place.x} {stop.place.y}L{lady.x} {lady.y}"
          stroke="var(--color-lady)"
          stroke-dasharray="{unit * 0.3} {unit * 0.45}"
        />
      </g>
      <rect
        x={stop.place.x - unit * 0.4}
        y={stop.place.y - unit * 0.4}
        width={unit * 0.8}
        height={unit * 0.8}
        fill="var(--color-raised)"
        stroke="var(--color-ink)"
        stroke-width={unit * 0.16}
      />
      <text
        x={label.x}
        y={label.y}
        font-size={unit * 1.5}
        text-anchor="middle"
        dominant-baseline="central"
        fill="var(--color-ink)"
        font-weight={chosen(leg.index) ? 800 : 500}>{(leg.index % Math.max(blocks, 1)) + 1}</text
      >
    {/each}
    {#if now}
      {@const his = away(now.his.x, now.his.y, unit * 1.2, now.man)}
      {@const hers = away(now.hers.x, now.hers.y, unit * 1.2, now.lady)}
      <g stroke-width={unit * 0.35} stroke-linecap="round">
        <circle cx={now.his.x} cy={now.his.y} r={unit * 0.7} fill="var(--color-man)" />
        <path d="M{now.his.x} {now.his.y}L{his.x} {his.y}" stroke="var(--color-man)" />
        <circle cx={now.hers.x} cy={now.hers.y} r={unit * 0.7} fill="var(--color-lady)" />
        <path d="M{now.hers.x} {now.hers.y}L{hers.x} {hers.y}" stroke="var(--color-lady)" />
      </g>
    {/if}
    {#if end}<circle cx={end.place.x} cy={end.place.y} r={unit * 0.6} fill="var(--color-accent)" />{/if}
  </svg>
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
      <label class="flex items-center gap-1"><input type="checkbox" bind:checked={both} /> both dancers</label>
      {#if small}<label class="flex items-center gap-1"
          ><input type="checkbox" checked={!close} onchange={() => (near = !close)} /> the whole floor</label
        >{/if}
      <Button aria-pressed={round !== null} onclick={() => void goRound()}
        >{round ? 'Once through' : 'The whole circuit'}</Button
      >
      {#if round}
        <span class={round.closes ? 'text-sound' : 'text-doubtful'} role="status"
          >{round.closes ? 'It closes' : `It misses its beginning by ${round.gap} m`} danced {round.times === 1
            ? 'once'
            : `${round.times} times`}: {Number(round.bars.toFixed(2))} bars, {round.seconds} s{round.outside > 0
            ? `; up to ${round.outside} m off the floor`
            : ''}</span
        >
      {:else if block?.figure}
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
</section>
