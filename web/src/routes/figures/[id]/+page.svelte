<script lang="ts">
  import FigureDesk from '$lib/components/figure/FigureDesk.svelte';

  let { data } = $props();
</script>

<svelte:head><title>{data.view.chart.name} · Fluid Frame</title></svelte:head>
{#key data.view}
  <FigureDesk view={data.view} vocabulary={data.vocabulary} />
{/key}
