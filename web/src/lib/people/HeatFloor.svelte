<script lang="ts">
  import { api, need, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import FloorBoards from '$lib/floor/FloorBoards.svelte';
  import { line } from 'd3-shape';
  import { tint } from '$lib/plots/rates';

  /** The path over the floor, tinted where it is weak. */
  let { routine, heat, open }: { routine: string; heat: Schemas['HeatView']; open: number } = $props();
  const read = loaded(
    () => routine,
    async (id) => {
      const { document } = await need(api.GET('/api/routines/{id}', { params: { path: { id } } }));
      const work = await need(api.POST('/api/routines/work', { body: document }));
      return { floor: document.floor, path: work.path };
    }
  );
  const box = $derived({
    x: 0,
    y: 0,
    width: read.current?.floor?.length ?? 24,
    height: read.current?.floor?.width ?? 14
  });
  const path = $derived(read.current?.path ?? []);
  const draw = line<Schemas['StopView']>()
    .x((stop) => stop.place.x)
    .y((stop) => stop.place.y);
  const legs = $derived(
    heat.places.map((one) => {
      const stops = path.filter((stop) => stop.block === one.place - 1);
      const before = path.findLast((stop) => stop.block < one.place - 1);
      return { one, d: draw(before ? [before, ...stops] : stops) ?? '' };
    })
  );
  const worst = $derived([...heat.places].sort((a, b) => b.heat.warmth - a.heat.warmth)[0]);
</script>

{#if path.length > 0}
  <svg
    viewBox="-0.2 -0.2 {box.width + 0.4} {box.height + 0.4}"
    role="img"
    aria-label={worst && worst.heat.warmth > 0
      ? `The path over the floor; weakest at ${worst.name}, bar ${worst.bar}`
      : 'The path over the floor; no fault has been seen on it'}
    class="w-full border border-wall"
  >
    <FloorBoards {box} />
    <g fill="none" stroke-linecap="round" stroke-linejoin="round">
      {#each legs as leg (leg.one.place)}
        <path d={leg.d} stroke="var(--color-ink)" stroke-width={leg.one.place === open ? 0.62 : 0.4} />
        <path d={leg.d} stroke={tint(leg.one.heat.warmth)} stroke-width={leg.one.place === open ? 0.48 : 0.3} />
      {/each}
    </g>
  </svg>
{/if}
