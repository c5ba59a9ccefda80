<script lang="ts">
  import { goto } from '$app/navigation';
  import { api, need, type Schemas } from '$lib/api/client';
  import Button from '$lib/components/ui/Button.svelte';
  import { getSettings } from '$lib/state/settings.svelte';

  let { dances }: { dances: Schemas['DanceView'][] } = $props();
  const settings = getSettings();
  let events = $state.raw<Schemas['EventSummary'][] | null>(null);
  const titles = $derived(new Map(dances.map((dance) => [dance.id, dance.title])));
  let name = $state('');
  let failed = $state('');

  $effect(() => {
    void run(async () => {
      events = await need(api.GET('/api/events'));
    });
  });

  async function run(work: () => Promise<void>) {
    try {
      await work();
      failed = '';
    } catch (error) {
      failed = error instanceof Error ? error.message : String(error);
    }
  }

  const begin = (event: SubmitEvent) => {
    event.preventDefault();
    return run(async () => {
      const body: Schemas['EventDraft'] = {
        name: name.trim(),
        note: '',
        list: settings.list,
        leastSeconds: 90,
        mostSeconds: 120,
        dances: dances
          .filter((dance) => dance.id === settings.dance)
          .map(({ id, slowest, fastest }) => ({ dance: id, slowest, fastest })),
        length: 24,
        width: 14,
        barred: [],
        freeElements: true,
        barredHolds: []
      };
      const kept = await need(api.POST('/api/events', { body }));
      await goto(`/events/${kept.id}`);
    });
  };
</script>

<div class="mb-4 flex flex-wrap items-end gap-4">
  <h1 class="text-3xl">Events</h1>
  <form onsubmit={begin} class="ml-auto flex items-center gap-2">
    <input
      bind:value={name}
      required
      maxlength="120"
      aria-label="Name of a new event"
      placeholder="Name of a new event"
      class="w-60 rounded-xs border border-strong bg-raised px-2 py-1"
    />
    <Button kind="main" type="submit" disabled={name.trim() === ''}>Begin</Button>
  </form>
</div>
{#if failed}<p role="alert" class="mb-3 text-broken">{failed}</p>{/if}
<ul class="border-t-2 border-ink">
  {#each events ?? [] as event (event.id)}
    <li class="border-b border-line">
      <a href="/events/{event.id}" class="flex items-baseline gap-4 py-3 hover:bg-sheet">
        <span class="font-display text-xl font-semibold">{event.name}</span>
        <span class="ml-auto text-sm text-soft"
          >{event.dances.map((dance) => titles.get(dance) ?? dance).join(', ')}</span
        >
      </a>
    </li>
  {:else}
    <li class="py-4 text-soft">
      {events
        ? 'No events yet. Begin one with what its organiser asks for; routines are then checked against it.'
        : 'Loading …'}
    </li>
  {/each}
</ul>
<p class="mt-3 max-w-prose text-sm text-soft">
  What stands here is what you have typed in. The organiser's own rules always come first: read them, and ask where they
  are silent.
</p>
