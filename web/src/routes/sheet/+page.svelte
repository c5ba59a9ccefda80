<script lang="ts">
  import SyllabusSheet from '$lib/components/lists/SyllabusSheet.svelte';
</script>

<svelte:head><title>Syllabus sheet · Fluid Frame</title></svelte:head>
<SyllabusSheet />
