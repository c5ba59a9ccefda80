<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import type { RoleName, Schemas } from '$lib/api/client';
  import { SvelteURLSearchParams } from 'svelte/reactivity';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Popover from '$lib/ui/Popover.svelte';
  import { SMALLEST, TALLEST } from './room';

  /** How tall the two are, kept in the address. */
  let { motion }: { motion: Schemas['MotionView'] } = $props();
  const settings = getSettings();
  let open = $state(false);
  const tall = $derived(
    motion.dancers.map((dancer) => ({ role: dancer.role as RoleName, cm: Math.round(dancer.height * 100) }))
  );

  function dance(event: SubmitEvent) {
    event.preventDefault();
    const form = event.currentTarget as HTMLFormElement;
    const search = new SvelteURLSearchParams(page.url.search);
    for (const [role, cm] of new FormData(form)) search.set(role, String(cm));
    open = false;
    void goto(`?${search}`, { replaceState: true, noScroll: true });
  }
</script>

<Popover
  label="Heights"
  bind:open
  triggerClass="inline-flex items-center rounded-xs border border-transparent px-2.5 py-1 text-sm text-soft hover:border-line hover:text-ink"
>
  {#snippet trigger()}{tall.map((one) => `${one.cm}`).join(' and ')} cm{/snippet}
  <form class="flex flex-col gap-2 text-sm" onsubmit={dance}>
    {#each tall as { role, cm } (role)}
      <label class="flex items-center justify-between gap-3"
        >{settings.Role(role)}
        <span
          ><input
            class="w-20 rounded-xs border border-strong bg-raised px-1 py-0.5 text-right"
            type="number"
            name={role}
            min={SMALLEST}
            max={TALLEST}
            required
            value={cm}
          /> cm</span
        ></label
      >
    {/each}
    <Button kind="main" type="submit">Dance at these heights</Button>
  </form>
</Popover>
