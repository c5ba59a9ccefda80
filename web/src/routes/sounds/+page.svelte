<script lang="ts">
  import SoundCheck from '$lib/stage/SoundCheck.svelte';
</script>

<svelte:head><title>Sounds · Fluid Frame</title></svelte:head>
<SoundCheck />
