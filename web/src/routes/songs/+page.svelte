<script lang="ts">
  import SongsView from '$lib/song/SongsView.svelte';
</script>

<svelte:head><title>Songs · Fluid Frame</title></svelte:head>
<SongsView />
