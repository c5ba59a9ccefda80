<script lang="ts">
  import { page } from '$app/state';
  import CompareView from '$lib/figure/tools/CompareView.svelte';
</script>

<svelte:head><title>Compare · Fluid Frame</title></svelte:head>
<CompareView left={page.url.searchParams.get('left') ?? ''} right={page.url.searchParams.get('right') ?? ''} />
