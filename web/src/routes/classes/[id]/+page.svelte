<script lang="ts">
  import ClassDesk from '$lib/class/ClassDesk.svelte';

  let { data } = $props();
</script>

<svelte:head><title>{data.view.document.group?.name ?? 'Open class'} · Fluid Frame</title></svelte:head>
{#key data.view}<ClassDesk view={data.view} />{/key}
