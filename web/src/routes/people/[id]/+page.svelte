<script lang="ts">
  import { Editor } from '$lib/editing/editor.svelte';
  import WhomPage from '$lib/people/WhomPage.svelte';

  let { data } = $props();
  const view = $derived(data.couple ?? data.group);
</script>

<svelte:head><title>{view?.document.name} · Fluid Frame</title></svelte:head>
{#key data}
  {#if data.couple}<WhomPage editor={new Editor('couple', data.couple)} dances={data.dances} />
  {:else if data.group}<WhomPage editor={new Editor('group', data.group)} dances={data.dances} />{/if}
{/key}
