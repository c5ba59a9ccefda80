<script lang="ts">
  import TodayView from '$lib/library/TodayView.svelte';
</script>

<svelte:head><title>Today · Fluid Frame</title></svelte:head>
<TodayView />
