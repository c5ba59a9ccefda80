<script lang="ts">
  import '../app.css';
  import Shell from '$lib/components/shell/Shell.svelte';
  import { setSettings, Settings } from '$lib/state/settings.svelte';

  let { data, children } = $props();
  setSettings(new Settings());
</script>

<Shell dances={data.dances}>{@render children()}</Shell>
