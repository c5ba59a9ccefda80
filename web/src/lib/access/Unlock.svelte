<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need } from '$lib/api/client';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import { onMount } from 'svelte';

  /** What stands before the coach's page while it is locked. */
  let { onopen }: { onopen: () => void } = $props();
  const attempt = new Attempt();
  let passphrase = $state('');
  let trying = $state(false);
  let field = $state<HTMLInputElement>();

  onMount(() => field?.focus());

  async function open(event: SubmitEvent) {
    event.preventDefault();
    trying = true;
    const opened = await attempt.run(() => need(api.POST('/api/access/unlock', { body: { passphrase } })));
    trying = false;
    passphrase = '';
    if (opened) onopen();
    else field?.focus();
  }
</script>

<svelte:head><title>Locked · Fluid Frame</title></svelte:head>
<main class="mx-auto max-w-sm px-4 pt-[14vh]">
  <p class="mb-6 font-display text-xl font-bold tracking-tight">
    Fluid<span class="text-accent italic">Frame</span>
  </p>
  <h1 class="mb-1 border-b-4 border-double border-ink pb-1 text-3xl">The studio is locked</h1>
  <form class="mt-4 flex flex-col gap-3" onsubmit={(event) => void open(event)}>
    <label class="text-sm text-soft"
      >Passphrase
      <input
        bind:this={field}
        bind:value={passphrase}
        type="password"
        autocomplete="current-password"
        maxlength="200"
        required
        class="mt-1 w-full rounded-xs border border-strong bg-raised px-2 py-1.5 text-base text-ink"
      /></label
    >
    <Button kind="main" type="submit" class="justify-center py-1.5" disabled={trying}>Open</Button>
  </form>
  <Failed why={attempt.failed} />
  <p class="mt-6 text-sm text-soft">
    Forgotten? Whoever has this machine's files takes it away with
    <code class="whitespace-nowrap">./run passphrase --remove</code>.
  </p>
</main>
