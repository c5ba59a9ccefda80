<script lang="ts">
  import RoutinesView from '$lib/components/routine/RoutinesView.svelte';

  let { data } = $props();
</script>

<svelte:head><title>Routines · Fluid Frame</title></svelte:head>
<RoutinesView dances={data.dances} />
