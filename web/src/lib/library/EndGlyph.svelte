<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { away, degrees, side } from '$lib/floor/geometry';

  /** Where a figure starts or finishes: two bodies seen from above, each with its free foot, line of dance to the right. */
  interface Props {
    end: Schemas['EndView'];
    label: string;
    /** Whose figure it is, if only one dances. */
    solo?: string;
  }

  let { end, label, solo = '' }: Props = $props();
  const apart = $derived(Math.max(0.5, Math.hypot(end.ladyAhead, end.ladyRight)));
  /** Partners at arm's length are drawn nearer, so that both fit. */
  const PER_METRE = $derived(Math.min(42, 20 / apart));
  const ahead = $derived(away(0, 0, end.ladyAhead * PER_METRE, end.man));
  const lady = $derived(away(ahead.x, ahead.y, end.ladyRight * PER_METRE, end.man + 4));
  const dancers = $derived(
    [
      { role: 'man', x: -lady.x / 2, y: -lady.y / 2, facing: end.man, foot: end.manFoot },
      { role: 'lady', x: lady.x / 2, y: lady.y / 2, facing: end.lady, foot: end.ladyFoot }
    ].filter((dancer) => solo === '' || dancer.role === solo)
  );
</script>

<svg viewBox="-17 -15 34 32" class="h-12 w-13 shrink-0" role="img" aria-label={label}>
  <path d="M-15 15.5H14M11 13.3L14 15.5L11 17.7" stroke="var(--color-strong)" stroke-width="1" fill="none" />
  {#each dancers as dancer (dancer.role)}
    <g
      transform="translate({dancer.x} {dancer.y - 2}) rotate({degrees(dancer.facing)})"
      stroke="var(--color-{dancer.role})"
      stroke-width="2"
      fill="none"
      stroke-linecap="round"
    >
      {#if dancer.role === 'man'}
        <path d="M0 -8V8" />
        <rect x="-2.6" y="-2.6" width="5.2" height="5.2" fill="var(--color-man)" />
      {:else}
        <path d="M-1.5 -8C2 -4 2 4 -1.5 8" />
        <circle r="2.8" fill="var(--color-lady)" />
      {/if}
      <path d="M3 0H6" stroke-width="1.4" />
      <circle cx="3.5" cy={6 * side(dancer.foot)} r="1.7" fill="var(--color-ink)" stroke="none" />
    </g>
  {/each}
</svg>
