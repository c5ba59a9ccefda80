<script lang="ts">
  import { away, type Box } from './geometry';

  /** What tells directions and size on a floor: centre and wall, a metre, and the line of dance where one is danced along. */
  let { box, angle, moving = true }: { box: Box; angle: number; moving?: boolean } = $props();
  const turn = $derived(angle / 22.5);
  const size = $derived(box.width / 36);
  const start = $derived({ x: box.x + box.width * 0.09, y: box.y + box.width * 0.075 });
  const tip = $derived(away(start.x, start.y, box.width * 0.06, turn));
  const tail = $derived(away(start.x, start.y, box.width * 0.06, turn + 8));
  const left = $derived(away(tip.x, tip.y, box.width * 0.02, turn + 6.8));
  const right = $derived(away(tip.x, tip.y, box.width * 0.02, turn - 6.8));
  const middle = $derived({ x: box.x + box.width / 2, y: box.y + box.height / 2 });
  const sides = $derived(
    [
      { name: 'wall', at: turn + 4 },
      { name: 'centre', at: turn + 12 }
    ].map((side) => ({ ...side, ...edge(side.at) }))
  );

  /** Just inside the edge of the box in a direction from its middle, away from the corner with the arrow. */
  function edge(direction: number) {
    const way = away(0, 0, 1, direction);
    const reach = Math.min(
      Math.abs(way.x) < 1e-6 ? Infinity : (box.width / 2 - 1.6 * size) / Math.abs(way.x),
      Math.abs(way.y) < 1e-6 ? Infinity : (box.height / 2 - 0.8 * size) / Math.abs(way.y)
    );
    const aside = Math.abs(way.y) > 0.9 ? box.width * 0.42 : 0;
    return { x: middle.x + way.x * reach + aside, y: middle.y + way.y * reach };
  }
</script>

<g stroke="var(--color-wall)" stroke-width={size / 7} fill="none">
  {#if moving}
    <path d="M{tail.x} {tail.y}L{tip.x} {tip.y}M{left.x} {left.y}L{tip.x} {tip.y}L{right.x} {right.y}" />
  {/if}
  <path
    transform="translate({box.x + size} {box.y + box.height - size})"
    d="M0 {-size / 2.4}V0H1V{-size / 2.4}"
    stroke-width={size / 9}
  />
</g>
<g fill="var(--color-wall)" font-size={size}>
  {#if moving}
    <text x={start.x + box.width * 0.075} y={start.y} dominant-baseline="central">line of dance</text>
  {/if}
  <text x={box.x + size * 1.4 + 1} y={box.y + box.height - size * 0.8}>1 m</text>
  {#each sides as side, nth (nth)}
    <text x={side.x} y={side.y} text-anchor="middle" dominant-baseline="central">{side.name}</text>
  {/each}
</g>
