<script lang="ts">
  import SyllabusSheet from '$lib/list/SyllabusSheet.svelte';
</script>

<svelte:head><title>Syllabus sheet · Fluid Frame</title></svelte:head>
<SyllabusSheet />
