<script lang="ts">
  import ClassFloor from '$lib/class/ClassFloor.svelte';

  let { data } = $props();
</script>

<svelte:head><title>{data.view.document.group?.name ?? 'Open class'} on the floor · Fluid Frame</title></svelte:head>
{#key data.view}<ClassFloor view={data.view} />{/key}
