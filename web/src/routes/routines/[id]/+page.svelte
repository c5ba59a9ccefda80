<script lang="ts">
  import RoutineDesk from '$lib/routine/RoutineDesk.svelte';

  let { data } = $props();
</script>

<svelte:head><title>{data.view.document.name} · Fluid Frame</title></svelte:head>
{#key data.view}
  <RoutineDesk view={data.view} dances={data.dances} terms={data.terms} />
{/key}
