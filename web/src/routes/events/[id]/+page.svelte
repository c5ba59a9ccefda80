<script lang="ts">
  import EventDesk from '$lib/event/EventDesk.svelte';

  let { data } = $props();
</script>

<svelte:head><title>{data.view.document.name} · Fluid Frame</title></svelte:head>
{#key data.view}
  <EventDesk view={data.view} dances={data.dances} />
{/key}
