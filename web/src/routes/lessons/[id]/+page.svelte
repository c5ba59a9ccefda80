<script lang="ts">
  import LessonDesk from '$lib/lesson/LessonDesk.svelte';

  let { data } = $props();
</script>

<svelte:head><title>{data.view.document.with.name} · Fluid Frame</title></svelte:head>
{#key data.view}<LessonDesk view={data.view} />{/key}
