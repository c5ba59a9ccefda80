<script lang="ts">
  import SongDesk from '$lib/song/SongDesk.svelte';

  let { data } = $props();
</script>

<svelte:head><title>{data.view.document.name} · Fluid Frame</title></svelte:head>
{#key data.view}
  <SongDesk view={data.view} />
{/key}
