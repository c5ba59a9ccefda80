<script lang="ts">
  import BackupsView from '$lib/backup/BackupsView.svelte';
</script>

<svelte:head><title>Backups · Fluid Frame</title></svelte:head>
<BackupsView />
