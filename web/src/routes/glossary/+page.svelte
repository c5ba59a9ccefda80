<script lang="ts">
  import GlossaryView from '$lib/glossary/GlossaryView.svelte';
  import LibraryLinks from '$lib/list/LibraryLinks.svelte';

  let { data } = $props();
</script>

<svelte:head><title>Glossary · Fluid Frame</title></svelte:head>
<LibraryLinks here="/glossary" />
<GlossaryView terms={data.terms} />
