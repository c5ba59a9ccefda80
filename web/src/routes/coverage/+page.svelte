<script lang="ts">
  import CoverageView from '$lib/list/CoverageView.svelte';
</script>

<svelte:head><title>Coverage · Fluid Frame</title></svelte:head>
<CoverageView />
