<script lang="ts">
  import ListsView from '$lib/components/lists/ListsView.svelte';
</script>

<svelte:head><title>Lists · Fluid Frame</title></svelte:head>
<ListsView />
