<script lang="ts">
  import type { Routine, Schemas } from '$lib/api/client';
  import FloorBoards from '$lib/floor/FloorBoards.svelte';
  import { away, type Box } from '$lib/floor/geometry';

  interface Props {
    floor: Routine['floor'];
    path: Schemas['StopView'][];
    /** Who dances: both, or one alone. */
    roles: ('man' | 'lady')[];
    /** How many figures the routine has; a circuit counts them through. */
    blocks: number;
    now: Schemas['StopView'] | undefined;
    both: boolean;
    /** Whether only what is danced on is shown. */
    close: boolean;
    danced: Box;
    selected: number;
  }

  let { floor, path, roles, blocks, now, both, close, danced, selected }: Props = $props();
  const hall = $derived({ x: 0, y: 0, width: floor.length, height: floor.width });
  const unit = $derived((close ? danced.width : Math.max(floor.length, floor.width)) / 60);
  /** What leaves the floor is shown too. */
  const reached = $derived.by(() => {
    const points = path.flatMap((stop) => [stop.his, stop.hers]);
    const left = Math.min(-unit * 2, ...points.map((p) => p.x - 1));
    const top = Math.min(-unit * 2, ...points.map((p) => p.y - 1));
    const right = Math.max(floor.length + unit * 2, ...points.map((p) => p.x + 1));
    const bottom = Math.max(floor.width + unit * 2, ...points.map((p) => p.y + 1));
    return { x: left, y: top, width: right - left, height: bottom - top };
  });
  const view = $derived(close ? danced : reached);
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
  const chosen = (leg: number) => blocks > 0 && leg % blocks === selected;
  const line = (points: { x: number; y: number }[]) => `M${points.map((p) => `${p.x} ${p.y}`).join('L')}`;
</script>

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
      d="M{floor.length / 2 + unit * 3} {unit * 1}h{-unit * 6}m{unit} {-unit * 0.6}l{-unit} {unit * 0.6}l{unit} {unit *
        0.6}"
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
      {#if roles.includes('man')}<path
          d="M{stop.place.x} {stop.place.y}L{man.x} {man.y}"
          stroke="var(--color-man)"
        />{/if}
      {#if roles.includes('lady')}<path
          d="M{stop.place.x} {stop.place.y}L{lady.x} {lady.y}"
          stroke="var(--color-lady)"
          stroke-dasharray="{unit * 0.3} {unit * 0.45}"
        />{/if}
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
      {#if roles.includes('man')}
        <circle cx={now.his.x} cy={now.his.y} r={unit * 0.7} fill="var(--color-man)" />
        <path d="M{now.his.x} {now.his.y}L{his.x} {his.y}" stroke="var(--color-man)" />
      {/if}
      {#if roles.includes('lady')}
        <circle cx={now.hers.x} cy={now.hers.y} r={unit * 0.7} fill="var(--color-lady)" />
        <path d="M{now.hers.x} {now.hers.y}L{hers.x} {hers.y}" stroke="var(--color-lady)" />
      {/if}
    </g>
  {/if}
  {#if end}<circle cx={end.place.x} cy={end.place.y} r={unit * 0.6} fill="var(--color-accent)" />{/if}
</svg>
