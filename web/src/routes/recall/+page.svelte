<script lang="ts">
  import RecallView from '$lib/recall/RecallView.svelte';
</script>

<svelte:head><title>Recall · Fluid Frame</title></svelte:head>
<RecallView />
