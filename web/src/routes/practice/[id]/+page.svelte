<script lang="ts">
  import PracticeDesk from '$lib/practice/PracticeDesk.svelte';

  let { data } = $props();
</script>

<svelte:head><title>Practice of {data.view.document.with.name} · Fluid Frame</title></svelte:head>
{#key data.view}<PracticeDesk view={data.view} />{/key}
