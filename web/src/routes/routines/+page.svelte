<script lang="ts">
  import RoutinesView from '$lib/components/routine/RoutinesView.svelte';
</script>

<svelte:head><title>Routines · Fluid Frame</title></svelte:head>
<RoutinesView />
