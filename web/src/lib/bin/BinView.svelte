<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas } from '$lib/api/client';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import Dialog from '$lib/ui/Dialog.svelte';
  import { pageOf, type Kind } from '$lib/editing/kinds';

  let things = $state.raw<Schemas['Binned'][] | null>(null);
  let back = $state.raw<Schemas['Binned'] | null>(null);
  let doomed = $state.raw<Schemas['Binned'] | null>(null);
  const attempt = new Attempt();

  const load = () =>
    attempt.run(async () => {
      things = await need(api.GET('/api/bin'));
    });

  void load();

  const path = (thing: Schemas['Binned']) => ({ params: { path: { kind: thing.kind, id: thing.id } } });

  const putBack = (thing: Schemas['Binned']) =>
    attempt.run(async () => {
      await need(api.POST('/api/bin/{kind}/{id}', path(thing)));
      back = thing;
      await load();
    });

  const remove = (thing: Schemas['Binned']) =>
    attempt.run(async () => {
      await need(api.DELETE('/api/bin/{kind}/{id}', path(thing)));
      doomed = null;
      await load();
    });

  const day = (at: string) => new Date(at).toLocaleDateString([], { dateStyle: 'medium' });
</script>

<h1 class="mb-1 text-3xl">Bin</h1>
<p class="mb-4 max-w-prose text-sm text-soft">
  What has been deleted stays here for thirty days, with its versions, and comes back as it was.
</p>
<Failed why={attempt.failed} />
{#if back}
  <p role="status" class="mb-3 border-l-4 border-accent pl-2 text-sm">
    The {back.kind}
    <a class="text-accent underline underline-offset-2" href={pageOf(back.kind as Kind, back.id)}>{back.name}</a> is back.
  </p>
{/if}
{#if things?.length === 0}
  <p class="text-soft">The bin is empty.</p>
{/if}
<ul class={things?.length ? 'border-t-2 border-ink' : ''} aria-label="In the bin">
  {#each things ?? [] as thing (thing.kind + thing.id)}
    <li class="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-line py-2.5">
      <span class="w-16 text-sm text-soft">{thing.kind}</span>
      <span class="font-display text-lg font-semibold">{thing.name}</span>
      <span class="text-sm text-soft">since {day(thing.binnedAt)}, goes for good on {day(thing.goneAt)}</span>
      <span class="ml-auto flex gap-2">
        <Button onclick={() => void putBack(thing)} aria-label="Put “{thing.name}” back">Put back</Button>
        <Button kind="quiet" onclick={() => (doomed = thing)} aria-label="Remove “{thing.name}” for good"
          >Remove for good</Button
        >
      </span>
    </li>
  {/each}
</ul>

<Dialog
  bind:open={() => doomed !== null, (on) => (doomed = on ? doomed : null)}
  title="Remove “{doomed?.name}” for good?"
>
  <p class="mb-3 text-sm">It cannot be brought back, and its versions go with it.</p>
  <div class="flex justify-end gap-2">
    <Button onclick={() => (doomed = null)}>Cancel</Button>
    <Button kind="main" onclick={() => doomed && void remove(doomed)}>Remove for good</Button>
  </div>
</Dialog>
