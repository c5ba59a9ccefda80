<script lang="ts">
  import PracticeView from '$lib/practice/PracticeView.svelte';
</script>

<svelte:head><title>Practice · Fluid Frame</title></svelte:head>
<PracticeView />
