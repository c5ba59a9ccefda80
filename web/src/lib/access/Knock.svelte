<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need } from '$lib/api/client';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  /** What a device on the network sees before it is let in. A picture of the code brings the code along behind the address. */
  let { onopen }: { onopen: () => void } = $props();
  const attempt = new Attempt();
  const brought = /^#(\d{6})$/.exec(location.hash)?.[1] ?? '';
  let code = $state(brought);
  let name = $state('');
  let trying = $state(false);

  async function enter(event: SubmitEvent) {
    event.preventDefault();
    trying = true;
    const opened = await attempt.run(() => need(api.POST('/api/access/devices', { body: { code, name } })));
    trying = false;
    if (!opened) return;
    history.replaceState(history.state, '', location.pathname);
    onopen();
  }
  const field = 'mt-1 w-full rounded-xs border border-strong bg-raised px-2 py-1.5 text-ink';
</script>

<svelte:head><title>Come in · Fluid Frame</title></svelte:head>
<main class="mx-auto max-w-sm px-4 pt-[10vh]">
  <p class="mb-6 font-display text-xl font-bold tracking-tight">
    Fluid<span class="text-accent italic">Frame</span>
  </p>
  <h1 class="mb-1 border-b-4 border-double border-ink pb-1 text-3xl">Come in</h1>
  <p class="mt-2 text-soft">The coach's screen shows a code of six digits. It is good for ten minutes.</p>
  <form class="mt-4 flex flex-col gap-3" onsubmit={(event) => void enter(event)}>
    <label class="text-sm text-soft"
      >Code
      <input
        bind:value={code}
        inputmode="numeric"
        autocomplete="one-time-code"
        pattern="\s*\d\s*\d\s*\d\s*\d\s*\d\s*\d\s*"
        title="Six digits"
        maxlength="12"
        required
        class="{field} font-display text-3xl tracking-[0.2em] tabular-nums"
      /></label
    >
    <label class="text-sm text-soft"
      >What this device is called, for the coach's list
      <input bind:value={name} maxlength="40" required placeholder="the red phone" class="{field} text-base" /></label
    >
    <Button kind="main" type="submit" class="justify-center py-2 text-base" disabled={trying}>Let me in</Button>
  </form>
  <Failed why={attempt.failed} />
  <p class="mt-6 text-sm text-soft">
    What is here is for reading. A cookie keeps this device let in until the coach shuts it out; nothing is sent
    anywhere else.
  </p>
</main>
