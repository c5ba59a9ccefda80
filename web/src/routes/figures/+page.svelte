<script lang="ts">
  import FiguresView from '$lib/library/FiguresView.svelte';
</script>

<svelte:head><title>Figures · Fluid Frame</title></svelte:head>
<FiguresView />
