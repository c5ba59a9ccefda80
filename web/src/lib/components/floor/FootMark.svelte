<script lang="ts">
  import type { Foot } from '$lib/api/client';
  import { away, degrees, sole } from './geometry';

  interface Props {
    foot: Foot;
    /** Whether it is the step looked at; others step back. */
    lit: boolean;
    faint?: boolean;
    /** Degrees by which the floor is turned, so that numbers stay upright. */
    angle?: number;
  }

  let { foot, lit, faint = false, angle = 0 }: Props = $props();
  const role = $derived(foot.role as 'man' | 'lady');
  const colour = $derived(role === 'man' ? 'var(--color-man)' : 'var(--color-lady)');
  const free = $derived(foot.weight === 'none');
  const label = $derived(away(foot.x, foot.y, 0.145, foot.direction + (foot.foot === 'L' ? -4.6 : 4.6)));
</script>

<g opacity={faint ? 0.25 : 1}>
  <path
    d={sole(role, foot.foot)}
    transform="translate({foot.x} {foot.y}) rotate({degrees(foot.direction)})"
    fill={free ? 'none' : colour}
    fill-opacity={lit ? 1 : 0.55}
    stroke={lit ? 'var(--color-ink)' : colour}
    stroke-width={lit ? 0.018 : 0.01}
    stroke-dasharray={free ? '.03 .02' : undefined}
  />
  <text
    x="0"
    y="0"
    transform="translate({label.x} {label.y}) rotate({-angle})"
    font-size=".105"
    text-anchor="middle"
    dominant-baseline="central"
    fill={colour}
    font-weight={lit ? 700 : 500}>{foot.number}</text
  >
</g>
