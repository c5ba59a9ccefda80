<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas } from '$lib/api/client';
  import { when } from '$lib/backup/words';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import { onMount } from 'svelte';
  import LetIn from './LetIn.svelte';
  import PassphraseForm from './PassphraseForm.svelte';

  let view = $state.raw<Schemas['SharingView'] | null>(null);
  let busy = $state(false);
  const attempt = new Attempt();
  const EVERY = 3000;
  const WHAT = [
    ['Every device', 'Figures on the stage, their sheets and practice cards; routines that nobody works on.'],
    ["A couple's own", 'Also its routines and its plan of practice. It ticks what was practised and logs its runs.'],
    ["The studio's", "Also all routines, and the rounds of today's class for the hall."],
    ['Nobody', 'Lessons, people, the log, notes, anything to be changed. They stay at this machine.']
  ] as const;

  const show = (work: () => Promise<Schemas['SharingView']>) =>
    attempt.run(async () => {
      view = await work();
    });

  const load = () => show(() => need(api.GET('/api/sharing')));

  async function set(open: boolean) {
    busy = true;
    await show(() => need(api.PUT('/api/sharing', { body: { open } })));
    busy = false;
  }

  const shutOut = (id: string) =>
    show(() => need(api.DELETE('/api/sharing/devices/{id}', { params: { path: { id } } })));

  onMount(() => {
    void load();
    // Devices come in while one looks.
    const timer = setInterval(() => {
      if (view?.open && !busy && document.visibilityState === 'visible') void load();
    }, EVERY);
    return () => clearInterval(timer);
  });
</script>

<div class="mb-1 flex flex-wrap items-end gap-x-4 gap-y-2">
  <h1 class="text-3xl">Sharing</h1>
  {#if view}<span class="ml-auto">
      {#if view.open}<Button disabled={busy} onclick={() => void set(false)}>Stop sharing</Button>
      {:else}<Button kind="main" disabled={busy} onclick={() => void set(true)}>Share on this network</Button>{/if}
    </span>{/if}
</div>
<p class="mb-4 max-w-prose text-sm text-soft">
  For telephones and screens in the same network. Off at every start, and seen by nobody who was not let in.
</p>
<Failed why={attempt.failed} />
{#if view}
  <div class="grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
    <div class="flex flex-col gap-8">
      {#if view.open}
        <section aria-label="Open to the network">
          <p class="text-sm text-soft">{view.addresses.length > 0 ? 'On the device, go to' : ''}</p>
          {#each view.addresses.slice(0, 3) as address, nth (address)}
            <p class={['font-display break-all', nth === 0 ? 'text-3xl font-semibold' : 'text-soft']}>
              {nth === 0 ? '' : 'or '}{address}
            </p>
          {:else}
            <p class="text-doubtful">
              This machine is in no network now. Join one, and the address of this machine is shown here.
            </p>
          {/each}
          <LetIn {view} onview={(made) => (view = made)} />
        </section>
      {:else}
        <p class="border-l-4 border-line py-1 pl-3 text-lg">
          Shut. Only this machine sees the studio.
          {#if view.devices.length > 0}<span class="block text-sm text-soft"
              >The devices below come in again when you share.</span
            >{/if}
        </p>
      {/if}
      <section aria-label="Who sees what">
        <h2 class="border-b-2 border-ink text-xl">Who sees what</h2>
        <dl class="text-sm">
          {#each WHAT as [who, what] (who)}
            <div class="grid gap-x-4 border-b border-line py-1.5 sm:grid-cols-[10rem_1fr]">
              <dt class="font-semibold">{who}</dt>
              <dd class="text-soft">{what}</dd>
            </div>
          {/each}
        </dl>
      </section>
      <section aria-label="Devices">
        <h2 class="border-b-2 border-ink text-xl">Devices let in</h2>
        <ul>
          {#each view.devices as device (device.id)}
            <li class="flex flex-wrap items-baseline gap-x-4 border-b border-line py-2">
              <span class="font-display text-lg font-semibold">{device.name}</span>
              <span class="text-sm text-soft"
                >{device.whom ?? 'of the studio'}, let in {when(device.letInAt)}, last seen {when(device.seenAt)}</span
              >
              <Button
                kind="quiet"
                class="ml-auto"
                aria-label="Shut out {device.name}"
                onclick={() => void shutOut(device.id)}>Shut out</Button
              >
            </li>
          {:else}<li class="py-2 text-soft">None yet.</li>{/each}
        </ul>
      </section>
    </div>
    <div class="flex flex-col gap-8">
      <PassphraseForm isSet={view.hasPassphrase} onview={(made) => (view = made)} />
      <section aria-label="What happened">
        <h2 class="border-b-2 border-ink text-xl">What happened</h2>
        <ol class="max-h-72 overflow-auto text-sm">
          {#each view.lines as line, nth (nth)}
            <li class="flex gap-3 border-b border-line py-1">
              <span class="w-32 shrink-0 text-soft">{when(line.at)}</span>
              <span class={['min-w-0 break-words', line.what.startsWith('wrong') && 'text-broken']}
                >{line.what}{line.about ? `: ${line.about}` : ''}</span
              >
            </li>
          {:else}<li class="py-2 text-soft">Nothing yet.</li>{/each}
        </ol>
      </section>
    </div>
  </div>
{/if}
