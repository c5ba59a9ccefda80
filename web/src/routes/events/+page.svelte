<script lang="ts">
  import EventsView from '$lib/event/EventsView.svelte';

  let { data } = $props();
</script>

<svelte:head><title>Events · Fluid Frame</title></svelte:head>
<EventsView dances={data.dances} />
