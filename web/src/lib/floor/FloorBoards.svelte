<script lang="ts">
  import type { Box } from './geometry';

  let { box }: { box: Box } = $props();
  const id = $props.id();
</script>

<defs>
  <pattern id="boards-{id}" width="2.4" height=".36" patternUnits="userSpaceOnUse">
    <rect width="2.4" height=".36" fill="var(--color-board)" />
    <path d="M0 0H2.4M0 .18H2.4M.7 0V.18M1.9 .18V.36" stroke="var(--color-seam)" stroke-width=".008" fill="none" />
  </pattern>
</defs>
<rect x={box.x} y={box.y} width={box.width} height={box.height} fill="url(#boards-{id})" />
