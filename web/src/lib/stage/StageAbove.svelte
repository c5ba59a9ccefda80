<script lang="ts">
  import type { RoleName, Schemas } from '$lib/api/client';
  import FloorBoards from '$lib/floor/FloorBoards.svelte';
  import { sole } from '$lib/floor/geometry';
  import { onMount } from 'svelte';
  import { Dancer } from './dancer';
  import { room } from './room';

  interface Props {
    motion: Schemas['MotionView'];
    moment: () => number;
    only: 'both' | RoleName;
    mirrored: boolean;
    /** Metres of floor from left to right. */
    across?: number;
  }

  /** The couple from above, drawn flat: soles, hips and shoulders. */
  let { motion, moment, only, mirrored, across = 4.8 }: Props = $props();
  // The picture is made anew for every motion.
  // svelte-ignore state_referenced_locally
  const dancers = motion.dancers.map((view) => new Dancer(view));
  // svelte-ignore state_referenced_locally
  const box = room(motion, dancers);
  let frames = $state(0);
  let near = $state({ x: 0, y: 0, width: 6, height: 4 });

  onMount(() => {
    let frame = 0;
    const draw = () => {
      frame = requestAnimationFrame(draw);
      const beat = moment();
      for (const dancer of dancers) dancer.pose(beat);
      const x = dancers.reduce((sum, dancer) => sum + dancer.hips.x, 0) / Math.max(1, dancers.length);
      const y = dancers.reduce((sum, dancer) => sum + dancer.hips.y, 0) / Math.max(1, dancers.length);
      near = { x: x - across / 2, y: y - across / 3, width: across, height: across / 1.5 };
      frames++;
    };
    draw();
    return () => cancelAnimationFrame(frame);
  });

  const degrees = (radians: number) => (radians * 180) / Math.PI;
  const shown = $derived(frames >= 0 ? dancers.filter((dancer) => only === 'both' || dancer.role === only) : []);
</script>

<svg
  viewBox="{near.x} {near.y} {near.width} {near.height}"
  class={['h-full w-full', mirrored && '-scale-x-100']}
  role="img"
  aria-label="{motion.name}, danced, from above"
>
  <FloorBoards {box} />
  {#each shown as dancer (dancer.role)}
    {@const colour = dancer.role === 'man' ? 'var(--color-man)' : 'var(--color-lady)'}
    {#key frames}
      {#each [dancer.left, dancer.right] as shoe, nth (nth)}
        <path
          d={sole(dancer.role, nth === 0 ? 'left' : 'right')}
          transform="translate({shoe.x} {shoe.y}) rotate({degrees(shoe.direction)})"
          fill={colour}
          fill-opacity={(nth === 0 ? dancer.onLeft : 1 - dancer.onLeft) * 0.75 + 0.15}
          stroke={colour}
          stroke-width=".012"
        />
      {/each}
      <g transform="translate({dancer.chest.x} {dancer.chest.y}) rotate({degrees(dancer.facing)})">
        <ellipse rx="0.12" ry={dancer.build.halfShoulders * 1.25} fill={colour} fill-opacity=".85" />
      </g>
      <g transform="translate({dancer.chest.x} {dancer.chest.y}) rotate({degrees(dancer.headFacing)})">
        <path d="M.05 -.05L.155 0L.05 .05Z" fill={colour} stroke="var(--color-board)" stroke-width=".012" />
        <circle r=".092" fill={colour} stroke="var(--color-board)" stroke-width=".014" />
      </g>
    {/key}
  {/each}
</svg>
