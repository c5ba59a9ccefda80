<script lang="ts">
  import CardDesk from '$lib/exercise/CardDesk.svelte';

  let { data } = $props();
</script>

<svelte:head><title>{data.view.document.name} · Fluid Frame</title></svelte:head>
{#key data.view}<CardDesk view={data.view} dances={data.dances} />{/key}
