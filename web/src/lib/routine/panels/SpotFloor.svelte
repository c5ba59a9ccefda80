<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { away, degrees, sole } from '$lib/floor/geometry';
  import { getSettings } from '$lib/settings/settings.svelte';

  interface Props {
    path: Schemas['StopView'][];
    /** Who dances: both, or one alone. */
    roles: ('man' | 'lady')[];
    blocks: Schemas['BlockView'][];
    /** The stop stepped to; none shows how the selected figure begins. */
    now: Schemas['StopView'] | undefined;
    selected: number;
    onselect: (block: number) => void;
  }

  let { path, roles, blocks, now, selected, onselect }: Props = $props();
  const settings = getSettings();
  type Station = { name: string; stop: Schemas['StopView']; block: number };

  /** The couple as every figure begins, and as the last one ends. */
  const stations = $derived.by(() => {
    const list: Station[] = [];
    for (const [index, block] of blocks.entries()) {
      const first = path.findIndex((stop) => stop.block === index);
      const before = path[Math.max(0, first - 1)];
      if (block.figure && first >= 0 && before) list.push({ name: block.name, stop: before, block: index });
    }
    const end = path.at(-1);
    if (end && list.length) list.push({ name: 'the end', stop: end, block: blocks.length });
    return list;
  });
  const shown = $derived(now ?? stations.find((station) => station.block === selected)?.stop ?? path[0]);
  /** Metres of the room in the large picture, and in a small one. */
  const ROOM = 2.3;
  const STATION = 1.9;

  let list = $state<HTMLElement>();

  /** Stepping on, the figure reached stays in sight in its list, without moving the page. */
  $effect(() => {
    void selected;
    const reached = list?.querySelector<HTMLElement>('[aria-pressed="true"]')?.parentElement;
    if (!list || !reached) return;
    const top = reached.offsetTop - list.offsetTop;
    if (top < list.scrollTop || top + reached.offsetHeight > list.scrollTop + list.clientHeight) list.scrollTop = top;
  });

  const box = (stop: Schemas['StopView'], size: number) =>
    `${stop.place.x - size / 2} ${stop.place.y - size / 2} ${size} ${size}`;
</script>

{#snippet body(role: 'man' | 'lady', x: number, y: number, facing: number)}
  {@const nose = away(x, y, 0.3, facing)}
  {@const left = away(x, y, 0.24, facing - 4)}
  {@const right = away(x, y, 0.24, facing + 4)}
  <g stroke="var(--color-{role})" stroke-linecap="round" fill="none">
    <path
      d="M{left.x} {left.y}L{right.x} {right.y}"
      stroke-width="0.11"
      stroke-dasharray={role === 'lady' ? '0.05 0.13' : undefined}
    />
    <path d="M{x} {y}L{nose.x} {nose.y}" stroke-width="0.06" />
    <circle
      cx={x}
      cy={y}
      r="0.1"
      fill={role === 'man' ? 'var(--color-man)' : 'var(--color-board)'}
      stroke-width="0.05"
    />
  </g>
{/snippet}

{#snippet couple(stop: Schemas['StopView'])}
  {#if roles.includes('man')}{@render body('man', stop.his.x, stop.his.y, stop.man)}{/if}
  {#if roles.includes('lady')}{@render body('lady', stop.hers.x, stop.hers.y, stop.lady)}{/if}
{/snippet}

{#if shown}
  <div class="grid gap-3 md:grid-cols-[17rem_1fr]">
    <svg
      viewBox={box(shown, ROOM)}
      class="w-full max-w-[17rem] bg-board"
      role="img"
      aria-label={now ? 'The couple and its feet at this step' : 'How the selected figure begins'}
    >
      <g opacity={shown.feet?.length ? 0.4 : 1}>{@render couple(shown)}</g>
      {#each shown.feet ?? [] as foot (foot.role + foot.foot)}
        <path
          d={sole(foot.role === 'man' ? 'man' : 'lady', foot.foot)}
          transform="translate({foot.x} {foot.y}) rotate({degrees(foot.direction)})"
          fill={foot.role === 'man' ? 'var(--color-man)' : 'var(--color-board)'}
          stroke={foot.role === 'man' ? 'var(--color-man)' : 'var(--color-lady)'}
          stroke-width="0.018"
        />
      {/each}
    </svg>
    <ol
      aria-label="The couple as each figure begins"
      class="flex max-h-[22rem] flex-wrap content-start gap-2 overflow-y-auto"
    >
      {#each stations as station, nth (nth)}
        <li class="w-[5.5rem]">
          <button
            type="button"
            class={[
              'w-full rounded-xs border p-0.5 text-left text-xs leading-tight',
              station.block === selected ? 'border-accent bg-raised' : 'border-line'
            ]}
            aria-pressed={station.block === selected}
            onclick={() => onselect(Math.min(station.block, blocks.length - 1))}
          >
            <svg viewBox={box(station.stop, STATION)} class="aspect-square w-full bg-board" aria-hidden="true"
              >{@render couple(station.stop)}</svg
            >
            <span class="line-clamp-2 min-h-[2.2em]"
              >{#if station.block < blocks.length}<b>{station.block + 1}</b>{/if}
              {station.name}</span
            >
          </button>
        </li>
      {/each}
    </ol>
  </div>
  <p class="text-xs text-soft">
    {#if roles.length > 1}Filled with a solid shoulder line: the {settings.role('man')}; open with a dotted one: the {settings.role(
        'lady'
      )}.{/if}
    The short line points where the body faces, always in the same room.
  </p>
{/if}
