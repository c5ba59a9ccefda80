<script lang="ts">
  import LinksView from '$lib/components/links/LinksView.svelte';
</script>

<svelte:head><title>Links · Fluid Frame</title></svelte:head>
<LinksView />
