<script lang="ts">
  import BinView from '$lib/bin/BinView.svelte';
</script>

<svelte:head><title>Bin · Fluid Frame</title></svelte:head>
<BinView />
