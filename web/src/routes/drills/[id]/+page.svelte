<script lang="ts">
  import DrillDesk from '$lib/exercise/DrillDesk.svelte';

  let { data } = $props();
</script>

<svelte:head><title>{data.view.document.name} · Fluid Frame</title></svelte:head>
{#key data.view}<DrillDesk view={data.view} dances={data.dances} />{/key}
