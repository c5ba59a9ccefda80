<script lang="ts">
  import SharingView from '$lib/access/SharingView.svelte';
</script>

<svelte:head><title>Sharing · Fluid Frame</title></svelte:head>
<SharingView />
