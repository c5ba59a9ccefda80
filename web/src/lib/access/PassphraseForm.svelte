<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas } from '$lib/api/client';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  interface Props {
    isSet: boolean;
    onview: (view: Schemas['SharingView']) => void;
  }

  /** A passphrase in front of this page: set, changed or taken away. */
  let { isSet, onview }: Props = $props();
  const attempt = new Attempt();
  const SHORTEST = 8;
  let now = $state('');
  let fresh = $state('');
  let again = $state('');
  let said = $state('');
  let busy = $state(false);
  const field = 'mt-0.5 block w-full rounded-xs border border-strong bg-raised px-2 py-1 text-base text-ink';
  const differ = $derived(again !== '' && fresh !== again);

  async function change(to: string, done: string) {
    said = '';
    busy = true;
    const changed = await attempt.run(async () => {
      onview(await need(api.PUT('/api/sharing/passphrase', { body: { now, fresh: to } })));
    });
    busy = false;
    if (!changed) return;
    now = fresh = again = '';
    said = done;
    await invalidateAll();
  }

  function submit(event: SubmitEvent) {
    event.preventDefault();
    if (fresh === again) void change(fresh, isSet ? 'Changed.' : 'Set. This page asks for it from now on.');
  }
</script>

<section aria-label="Passphrase">
  <h2 class="border-b-2 border-ink text-xl">Passphrase of this page</h2>
  <p class="my-2 text-sm text-soft">
    {isSet
      ? 'This page asks for a passphrase after every start, and when it was locked (in Settings).'
      : 'Without one, whoever sits at this machine sees everything.'} It keeps people out of the page, not out of the files:
    for those, encrypt the disk.
  </p>
  <form class="flex flex-col gap-2 text-sm text-soft" onsubmit={submit}>
    {#if isSet}<label
        >The one of now
        <input type="password" autocomplete="current-password" required bind:value={now} class={field} /></label
      >{/if}
    <label
      >{isSet ? 'A new one' : 'Passphrase'}, {SHORTEST} characters or more
      <input
        type="password"
        autocomplete="new-password"
        minlength={SHORTEST}
        maxlength="200"
        required
        bind:value={fresh}
        class={field}
      /></label
    >
    <label
      >The same again
      <input type="password" autocomplete="new-password" required bind:value={again} class={field} /></label
    >
    {#if differ}<p role="alert" class="text-broken">The two are not the same.</p>{/if}
    <span class="flex gap-2">
      <Button type="submit" disabled={busy || differ}>{isSet ? 'Change it' : 'Set it'}</Button>
      {#if isSet}<Button
          kind="quiet"
          disabled={busy || now === ''}
          onclick={() => void change('', 'Taken away. This page opens by itself.')}>Take it away</Button
        >{/if}
    </span>
  </form>
  {#if said}<p role="status" class="mt-1 text-sm">{said}</p>{/if}
  <Failed small why={attempt.failed} />
</section>
