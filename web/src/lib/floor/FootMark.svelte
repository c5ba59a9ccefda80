<script lang="ts">
  import type { Foot } from '$lib/api/client';
  import { degrees, sole } from './geometry';

  interface Props {
    foot: Foot;
    /** Whether it is the step looked at; others step back. */
    lit: boolean;
    faint?: boolean;
  }

  let { foot, lit, faint = false }: Props = $props();
  const role = $derived(foot.role as 'man' | 'lady');
  const colour = $derived(role === 'man' ? 'var(--color-man)' : 'var(--color-lady)');
  const free = $derived(foot.weight === 'none');
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
</g>
