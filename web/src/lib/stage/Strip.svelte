<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { Dancer } from './dancer';
  import { Sketch } from './figures';
  import { onsetsOf } from './onsets';

  interface Props {
    motion: Schemas['MotionView'];
    /** Radians from which it is seen: 0 from the wall. */
    seen?: number;
    /** Which figure of a routine; all of them if it is not said. */
    block?: number;
    svg?: SVGSVGElement;
  }

  /** A pose for every count, side by side: the figure as a picture that can be printed. */
  let { motion, seen = 0, block, svg = $bindable() }: Props = $props();
  const WIDE = 1.55;
  const HIGH = 2.2;
  /** Poses in one line; a longer figure goes on in the next. */
  const IN_LINE = 8;
  /** A foot has just arrived. */
  const ARRIVED = 0.12;

  const poses = $derived.by(() => {
    const dancers = motion.dancers.map((view) => new Dancer(view));
    const sketches = dancers.map((dancer) => new Sketch(dancer));
    const [man, lady] = sketches;
    const rows = motion.rows.filter((row) => block === undefined || row.block === block);
    return onsetsOf({ rows }).map((onset) => {
      const beat = onset + ARRIVED;
      for (const dancer of dancers) dancer.pose(beat);
      man?.arms.reach(beat, lady?.dancer, lady?.arms);
      lady?.arms.reach(beat, man?.dancer, man?.arms);
      const middle = {
        x: dancers.reduce((sum, dancer) => sum + dancer.hips.x, 0) / dancers.length,
        y: dancers.reduce((sum, dancer) => sum + dancer.hips.y, 0) / dancers.length
      };
      const shapes = sketches
        .flatMap((one) => one.shapes(seen, middle).map((shape) => ({ ...shape, role: one.dancer.role })))
        .toSorted((a, b) => b.far - a.far);
      return { onset, shapes, count: rows.find((row) => Math.abs(row.onset - onset) < 0.001)?.count ?? '' };
    });
  });
  const lines = $derived(Math.ceil(poses.length / IN_LINE));
  const across = $derived(Math.min(IN_LINE, Math.max(1, poses.length)));

  function colour(role: string, tint: string) {
    const main = role === 'man' ? 'var(--color-man)' : 'var(--color-lady)';
    if (tint === 'cloth') return main;
    if (tint === 'dark') return '#1b3639';
    if (tint === 'hair') return role === 'man' ? '#2a211d' : '#5b3a2b';
    return tint === 'skin' ? '#d9b59a' : role === 'man' ? '#191720' : '#b98a55';
  }
</script>

<svg
  bind:this={svg}
  viewBox="0 0 {across * WIDE} {lines * HIGH}"
  class="h-auto max-w-full"
  style:width="{across * 7}rem"
  role="img"
  aria-label="{(block === undefined ? undefined : motion.blocks[block]?.name) ?? motion.name}, a pose for every count"
>
  {#each poses as pose, nth (pose.onset)}
    <g transform="translate({((nth % IN_LINE) + 0.5) * WIDE} {Math.floor(nth / IN_LINE) * HIGH + HIGH - 0.24})">
      <line x1={-WIDE / 2} x2={WIDE / 2} y1=".01" y2=".01" stroke="var(--color-seam)" stroke-width=".018" />
      {#each pose.shapes as shape, i (i)}
        <path
          d={shape.d}
          fill={shape.wide ? 'none' : colour(shape.role, shape.tint)}
          stroke={shape.wide ? colour(shape.role, shape.tint) : 'none'}
          stroke-width={shape.wide}
          stroke-linecap="round"
          stroke-linejoin="round"
        />
      {/each}
      <text y=".19" text-anchor="middle" font-size=".16" fill="var(--color-ink)">{pose.count}</text>
    </g>
  {/each}
</svg>
