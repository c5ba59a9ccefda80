<script lang="ts">
  import ListsView from '$lib/list/ListsView.svelte';
</script>

<svelte:head><title>Lists · Fluid Frame</title></svelte:head>
<ListsView />
