<script lang="ts">
  import FigureDesk from '$lib/figure/FigureDesk.svelte';

  let { data } = $props();
</script>

<svelte:head><title>{data.view.document.name} · Fluid Frame</title></svelte:head>
{#key data.view}
  <FigureDesk
    view={data.view}
    vocabulary={data.vocabulary}
    style={data.dances.find((dance) => dance.id === data.view.document.dance)?.style ?? 'international'}
  />
{/key}
