<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import Rescue from '$lib/rescue/Rescue.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import type { Snippet } from 'svelte';

  let { access, children }: { access: Schemas['AccessView']; children: Snippet } = $props();
  const settings = getSettings();
</script>

<header class="flex flex-wrap items-baseline gap-x-4 border-b border-line px-3 py-2 sm:px-5 print:hidden">
  <a href="/shared" class="font-display text-xl font-bold tracking-tight"
    >Fluid<span class="text-accent italic">Frame</span></a
  >
  <span class="text-sm text-soft">{[access.device, access.whomName].filter(Boolean).join(' · ')}</span>
  <button
    type="button"
    class="ml-auto text-sm text-soft hover:text-ink"
    aria-pressed={settings.theme === 'evening'}
    onclick={() => settings.prefer({ theme: settings.theme === 'evening' ? 'paper' : 'evening' })}>Evening</button
  >
</header>
<main class="px-3 pt-4 pb-8 sm:px-5 print:p-0"><Rescue>{@render children()}</Rescue></main>
