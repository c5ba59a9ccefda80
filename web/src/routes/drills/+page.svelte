<script lang="ts">
  import ExercisesView from '$lib/exercise/ExercisesView.svelte';

  let { data } = $props();
</script>

<svelte:head><title>Drills and set-up cards · Fluid Frame</title></svelte:head>
<ExercisesView dances={data.dances} />
