<script lang="ts">
  import LessonSummary from '$lib/lesson/LessonSummary.svelte';

  let { data } = $props();
</script>

<svelte:head><title>Summary, {data.view.document.with.name} · Fluid Frame</title></svelte:head>
<LessonSummary id={data.view.id} lesson={data.view.document} />
