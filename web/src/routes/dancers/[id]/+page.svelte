<script lang="ts">
  import DancerPage from '$lib/people/DancerPage.svelte';

  let { data } = $props();
</script>

<svelte:head><title>{data.view.document.name} · Fluid Frame</title></svelte:head>
{#key data.view}<DancerPage view={data.view} dances={data.dances} />{/key}
