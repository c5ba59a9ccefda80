<script lang="ts">
  import type { Schemas } from '$lib/api/client';

  /** The way of a couple over the floor, small: it begins at the dot. */
  let { way, label }: { way: Schemas['PlaceView'][]; label: string } = $props();
  const xs = $derived(way.map((place) => place.x));
  const ys = $derived(way.map((place) => place.y));
  const size = $derived(Math.max(1, Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)) * 1.25);
  const left = $derived((Math.max(...xs) + Math.min(...xs) - size) / 2);
  const top = $derived((Math.max(...ys) + Math.min(...ys) - size) / 2);
</script>

<svg viewBox="{left} {top} {size} {size}" class="size-14 shrink-0 bg-board" role="img" aria-label={label}>
  <path
    d="M{way.map((place) => `${place.x} ${place.y}`).join('L')}"
    fill="none"
    stroke="var(--color-ink)"
    stroke-width={size / 40}
    stroke-linejoin="round"
  />
  <circle cx={way[0]?.x} cy={way[0]?.y} r={size / 18} fill="var(--color-accent)" />
</svg>
