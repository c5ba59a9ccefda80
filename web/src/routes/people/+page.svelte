<script lang="ts">
  import PeopleView from '$lib/people/PeopleView.svelte';
</script>

<svelte:head><title>People · Fluid Frame</title></svelte:head>
<PeopleView />
