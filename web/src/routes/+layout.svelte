<script lang="ts">
  import '../app.css';
  import Shell from '$lib/shell/Shell.svelte';
  import { setSettings, Settings } from '$lib/settings/settings.svelte';

  let { data, children } = $props();
  setSettings(new Settings());
</script>

<Shell dances={data.dances}>{@render children()}</Shell>
