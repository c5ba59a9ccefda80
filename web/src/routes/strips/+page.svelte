<script lang="ts">
  import Strips from '$lib/stage/Strips.svelte';
</script>

<svelte:head><title>Pictures · Fluid Frame</title></svelte:head>
<Strips />
