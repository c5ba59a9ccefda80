<script lang="ts">
  import SharedHome from '$lib/shared/SharedHome.svelte';

  let { data } = $props();
</script>

<SharedHome dances={data.dances} access={data.access} />
