<script lang="ts">
  import RoleSheet from '$lib/routine/sheet/RoleSheet.svelte';

  let { data } = $props();
</script>

<svelte:head><title>{data.view.document.name}, a role's sheet · Fluid Frame</title></svelte:head>
<RoleSheet view={data.view} dances={data.dances} terms={data.terms} />
