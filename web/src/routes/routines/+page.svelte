<script lang="ts">
  import RoutinesView from '$lib/routine/RoutinesView.svelte';

  let { data } = $props();
</script>

<svelte:head><title>Routines · Fluid Frame</title></svelte:head>
<RoutinesView dances={data.dances} />
