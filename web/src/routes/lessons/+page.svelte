<script lang="ts">
  import LessonsView from '$lib/lesson/LessonsView.svelte';
</script>

<svelte:head><title>Lessons · Fluid Frame</title></svelte:head>
<LessonsView />
