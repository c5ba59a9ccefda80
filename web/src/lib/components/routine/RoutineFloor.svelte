<script lang="ts">
  import FloorBoards from '$lib/components/floor/FloorBoards.svelte';
  import { away } from '$lib/components/floor/geometry';
  import { getRoutineEditor } from '$lib/state/routine-editor.svelte';
  import { getSettings } from '$lib/state/settings.svelte';

  const editor = getRoutineEditor();
  const settings = getSettings();
  const floor = $derived(editor.routine.floor);
  const hall = $derived({ x: 0, y: 0, width: floor.length, height: floor.width });
  const path = $derived(editor.work?.path ?? []);
  const unit = $derived(Math.max(floor.length, floor.width) / 60);
  const legs = $derived(
    (editor.work?.blocks ?? []).map((block, index) => {
      const stops = path.filter((stop) => stop.block === index);
      const first = path.indexOf(stops[0] ?? path[0]!);
      const from = index === 0 ? [] : path.slice(Math.max(first - 1, 0), first);
      return { block, index, stops: [...from, ...stops] };
    })
  );
  const starts = $derived(legs.map((leg) => ({ ...leg, stop: leg.stops[0] })).filter((leg) => leg.stop));
  const end = $derived(path.at(-1));
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
    viewBox="{-unit * 2} {-unit * 2} {floor.length + unit * 4} {floor.width + unit * 4}"
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
    {#each legs as leg (leg.index)}
      <path
        d="M{leg.stops.map((stop) => `${stop.place.x} ${stop.place.y}`).join('L')}"
        fill="none"
        stroke={editor.selected === leg.index ? 'var(--color-accent)' : 'var(--color-ink)'}
        stroke-width={unit * (editor.selected === leg.index ? 0.55 : 0.26)}
        stroke-linejoin="round"
        stroke-linecap="round"
      />
    {/each}
    {#each starts as leg (leg.index)}
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
        font-weight={editor.selected === leg.index ? 800 : 500}>{leg.index + 1}</text
      >
    {/each}
    {#if end}<circle cx={end.place.x} cy={end.place.y} r={unit * 0.6} fill="var(--color-accent)" />{/if}
  </svg>
  {#each editor.work?.floorNotes ?? [] as note (note)}
    <p class="text-sm font-semibold text-broken">{note}</p>
  {/each}
</section>
