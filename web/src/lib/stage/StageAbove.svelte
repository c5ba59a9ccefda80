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
  }

  /** The couple from above, drawn flat: soles, hips and shoulders. */
  let { motion, moment, only, mirrored }: Props = $props();
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
      near = { x: x - 2.4, y: y - 1.6, width: 4.8, height: 3.2 };
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
      <path
        d="M{dancer.leftShoulder.x} {dancer.leftShoulder.y}L{dancer.rightShoulder.x} {dancer.rightShoulder.y}"
        stroke={colour}
        stroke-width=".07"
        stroke-linecap="round"
      />
      <path
        d="M{dancer.chest.x} {dancer.chest.y}l{0.24 * Math.cos(dancer.headFacing)} {0.24 * Math.sin(dancer.headFacing)}"
        stroke={colour}
        stroke-width=".03"
        stroke-linecap="round"
      />
    {/key}
  {/each}
</svg>
