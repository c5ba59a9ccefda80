<script lang="ts">
  import { page } from '$app/state';
  import PrintView from '$lib/handout/PrintView.svelte';

  let { data } = $props();
  const what = $derived(page.params.what ?? '');
  const id = $derived(page.params.id ?? '');
</script>

<svelte:head><title>Print · Fluid Frame</title></svelte:head>
{#key `${what}/${id}`}<PrintView {what} {id} dances={data.dances} />{/key}
