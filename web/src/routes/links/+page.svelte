<script lang="ts">
  import LinksView from '$lib/links/LinksView.svelte';
</script>

<svelte:head><title>Links · Fluid Frame</title></svelte:head>
<LinksView />
