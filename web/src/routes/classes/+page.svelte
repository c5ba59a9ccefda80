<script lang="ts">
  import ClassesView from '$lib/class/ClassesView.svelte';
</script>

<svelte:head><title>Classes · Fluid Frame</title></svelte:head>
<ClassesView />
