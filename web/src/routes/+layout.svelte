<script lang="ts">
  import '../app.css';
  import { invalidateAll } from '$app/navigation';
  import { page } from '$app/state';
  import Cover from '$lib/access/Cover.svelte';
  import Knock from '$lib/access/Knock.svelte';
  import Unlock from '$lib/access/Unlock.svelte';
  import { gate } from '$lib/api/client';
  import Shell from '$lib/shell/Shell.svelte';
  import { setSettings, Settings } from '$lib/settings/settings.svelte';
  import SharedHome from '$lib/shared/SharedHome.svelte';
  import SharedShell from '$lib/shared/SharedShell.svelte';

  let { data, children } = $props();
  const settings = new Settings();
  setSettings(settings);
  const access = $derived(data.access);
  /** Locked in the midst of the work, which stays beneath. */
  let shut = $state(false);

  gate.onshut = () => {
    if (access.visitor === 'coach') shut = true;
    else if (access.visitor === 'device') void invalidateAll();
  };

  $effect(() => {
    document.documentElement.dataset.theme = settings.theme;
  });

  /** What a device may be shown; anything else of the studio leads to what is shared. */
  const forDevices = $derived(/^\/(shared|print)\//.test(page.url.pathname));
</script>

{#if access.visitor === 'coach'}
  <Shell dances={data.dances} hasPassphrase={access.hasPassphrase ?? false}>{@render children()}</Shell>
  {#if shut}<Cover onopen={() => (shut = false)} />{/if}
{:else if access.visitor === 'device'}
  <SharedShell {access}>
    {#if forDevices}{@render children()}{:else}<SharedHome dances={data.dances} {access} />{/if}
  </SharedShell>
{:else if access.network}
  <Knock onopen={() => void invalidateAll()} />
{:else}
  <Unlock onopen={() => void invalidateAll()} />
{/if}
