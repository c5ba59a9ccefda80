<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { away, degrees, sole } from '$lib/floor/geometry';

  let { drawing }: { drawing: Schemas['GlossaryDrawing'] } = $props();
  /** A full stride in the picture, in metres, and how far the feet stand apart. */
  const STRIDE = 0.4;
  const APART = 0.11;
  const RIGHT = 4;
  const foot = $derived(away(0, APART, STRIDE * drawing.ahead, drawing.sixteenths));
  /** Him at the middle, looking up. */
  const UP = -RIGHT;
  const she = $derived({ x: drawing.right, y: -drawing.ahead });
  const far = $derived(Math.max(0.55, Math.abs(drawing.right) + 0.35, Math.abs(drawing.ahead) + 0.35));
  const arrow = $derived(away(0, 0, 0.42, drawing.sixteenths));
</script>

{#snippet body(x: number, y: number, sixteenths: number, colour: string)}
  <g transform="translate({x} {y}) rotate({degrees(sixteenths)})">
    <ellipse rx="0.1" ry="0.21" fill={colour} fill-opacity="0.25" stroke={colour} stroke-width="0.02" />
    <path d="M.1 0L.24 0M.24 0L.18 -.04M.24 0L.18 .04" fill="none" stroke={colour} stroke-width="0.025" />
  </g>
{/snippet}

{#if drawing.kind === 'step'}
  <svg viewBox="-0.55 -0.62 1.1 1.1" class="h-18 w-22 shrink-0" aria-hidden="true">
    <g transform="rotate(-90)">
      <path
        d={sole('man', 'L')}
        transform="translate(0 {-APART})"
        fill="none"
        stroke="var(--color-soft)"
        stroke-width="0.02"
      />
      <path
        d="M0 {APART}L{foot.x} {foot.y}"
        stroke="var(--color-soft)"
        stroke-width="0.02"
        stroke-dasharray=".05 .04"
      />
      <path d={sole('man', 'R')} transform="translate({foot.x} {foot.y})" fill="var(--color-man)" />
    </g>
  </svg>
{:else if drawing.kind === 'direction'}
  <svg viewBox="-0.6 -0.6 1.2 1.2" class="h-16 w-22 shrink-0" aria-hidden="true">
    <path d="M-.55 .52H.55" stroke="var(--color-strong)" stroke-width="0.03" />
    <path d="M-.5 -.5H.5" stroke="var(--color-line)" stroke-width="0.015" stroke-dasharray=".05 .05" />
    <path d="M0 0L{arrow.x} {arrow.y}" stroke="var(--color-accent)" stroke-width="0.035" />
    <circle cx={arrow.x} cy={arrow.y} r="0.05" fill="var(--color-accent)" />
    <circle r="0.035" fill="var(--color-ink)" />
  </svg>
{:else}
  <svg viewBox="{-far} {-far} {2 * far} {2 * far}" class="h-16 w-22 shrink-0" aria-hidden="true">
    {@render body(0, 0, UP, 'var(--color-man)')}
    {@render body(she.x, she.y, UP + drawing.sixteenths, 'var(--color-lady)')}
  </svg>
{/if}
