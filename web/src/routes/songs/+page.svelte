<script lang="ts">
  import SongsView from '$lib/components/music/SongsView.svelte';
</script>

<svelte:head><title>Songs · Fluid Frame</title></svelte:head>
<SongsView />
