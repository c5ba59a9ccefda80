<script lang="ts">
  import { cellSize, type MapLayout } from './map-layout';

  interface Props {
    layout: MapLayout;
    names: Record<string, string>;
    before: string;
    after: string;
    onpick: (before: string, after: string) => void;
  }

  let { layout, names, before, after, onpick }: Props = $props();
  const LEFT = 168;
  const TOP = 132;
  const size = $derived(cellSize(layout.rowOf.size));
  const gap = $derived(size * 0.6);
  /** Bands stand apart, so that a block of alike figures is seen as one. */
  const y = (id: string) => shifted(layout.rows, layout.rowOf.get(id) ?? 0);
  const x = (id: string) => shifted(layout.columns, layout.columnOf.get(id) ?? 0);
  const width = $derived(layout.columnOf.size * size + layout.columns.length * gap);
  const height = $derived(layout.rowOf.size * size + layout.rows.length * gap);
  let over = $state.raw<{ before: string; after: string } | null>(null);
  const shown = $derived(over ?? { before, after });

  function shifted(strips: { at: number }[], place: number) {
    return place * size + strips.filter((strip) => strip.at <= place).length * gap - gap;
  }

  function under(event: MouseEvent): { before: string; after: string } | null {
    const target = event.target as SVGElement;
    const { before: first, after: second } = target.dataset;
    return first && second ? { before: first, after: second } : null;
  }

  const fill = (verdict: string) =>
    verdict === 'yes' ? 'var(--color-sound)' : verdict === 'yes-if' ? 'var(--color-doubtful)' : 'none';
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="overflow-auto" role="region" aria-label="Map of the dance" tabindex="0">
  <!-- svelte-ignore a11y_click_events_have_key_events -->
  <!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
  <svg
    width={LEFT + width + 84}
    height={TOP + height + 8}
    role="img"
    aria-label="Map of {layout.rowOf.size} figures and {layout.cells
      .length} joins; the two lists above choose the same by keyboard"
    onclick={(event) => {
      const pair = under(event);
      if (pair) onpick(pair.before, pair.after);
    }}
    onmousemove={(event) => (over = under(event))}
    onmouseleave={() => (over = null)}
  >
    <g font-size={Math.min(size * 0.82, 11.5)} fill="var(--color-ink)">
      {#each layout.rows as strip, nth (nth)}
        <rect
          x={LEFT - 3}
          y={TOP + shifted(layout.rows, strip.at)}
          width="3"
          height={strip.figures.length * size}
          fill="var(--color-accent)"
        />
        {#each strip.figures as id (id)}
          <text
            x={LEFT - 8}
            y={TOP + y(id) + size * 0.78}
            text-anchor="end"
            font-weight={shown.before === id ? 700 : 400}
            fill={shown.before === id ? 'var(--color-accent)' : 'var(--color-ink)'}
            data-before={id}
            data-after={after || id}
            class="cursor-pointer">{names[id]}</text
          >
        {/each}
      {/each}
      {#each layout.columns as strip, nth (nth)}
        <rect
          x={LEFT + shifted(layout.columns, strip.at)}
          y={TOP - 3}
          width={strip.figures.length * size}
          height="3"
          fill="var(--color-accent)"
        />
        {#each strip.figures as id (id)}
          <text
            transform="translate({LEFT + x(id) + size * 0.75} {TOP - 8}) rotate(-58)"
            font-weight={shown.after === id ? 700 : 400}
            fill={shown.after === id ? 'var(--color-accent)' : 'var(--color-ink)'}
            data-before={before || id}
            data-after={id}
            class="cursor-pointer">{names[id]}</text
          >
        {/each}
      {/each}
    </g>
    <g transform="translate({LEFT} {TOP})">
      {#each layout.rows as row, nth (nth)}
        {#each layout.columns as column, nth (nth)}
          <rect
            x={shifted(layout.columns, column.at)}
            y={shifted(layout.rows, row.at)}
            width={column.figures.length * size}
            height={row.figures.length * size}
            fill="var(--color-sheet)"
            stroke="var(--color-line)"
          />
        {/each}
      {/each}
      {#if shown.before}<rect y={y(shown.before)} {width} height={size} fill="var(--color-tint)" />{/if}
      {#if shown.after}<rect x={x(shown.after)} width={size} {height} fill="var(--color-tint)" />{/if}
      {#each layout.cells as cell, nth (nth)}
        <rect
          x={x(cell.after) + 1}
          y={y(cell.before) + 1}
          width={size - 2}
          height={size - 2}
          fill={fill(cell.verdict)}
          opacity={cell.customary ? 1 : 0.42}
          stroke={cell.verdict !== 'no' ? 'none' : cell.otherwise ? 'var(--color-sound)' : 'var(--color-broken)'}
          stroke-width="1.5"
        />
        {#if cell.customary && cell.verdict !== 'no'}<circle
            cx={x(cell.after) + size / 2}
            cy={y(cell.before) + size / 2}
            r={size * 0.17}
            fill="var(--color-sheet)"
          />{/if}
      {/each}
      {#if before && after}<rect
          x={x(after)}
          y={y(before)}
          width={size}
          height={size}
          fill="none"
          stroke="var(--color-ink)"
          stroke-width="2"
        />{/if}
      {#each layout.rowOf.keys() as first (first)}
        {#each layout.columnOf.keys() as second (second)}
          <rect
            x={x(second)}
            y={y(first)}
            width={size}
            height={size}
            fill="transparent"
            class="cursor-pointer"
            data-before={first}
            data-after={second}><title>{names[first]} → {names[second]}</title></rect
          >
        {/each}
      {/each}
    </g>
  </svg>
</div>
