<script lang="ts">
  import EventsView from '$lib/components/events/EventsView.svelte';
</script>

<svelte:head><title>Events · Fluid Frame</title></svelte:head>
<EventsView />
