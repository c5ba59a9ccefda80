<script lang="ts">
  import Rehearse from '$lib/stage/Rehearse.svelte';
</script>

<svelte:head><title>Rehearse · Fluid Frame</title></svelte:head>
<Rehearse />
