<script lang="ts">
  import { goto } from '$app/navigation';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type EventSummary, type EventTerms, type Schemas } from '$lib/api/client';
  import { Paged } from '$lib/api/paged.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import FindField from '$lib/ui/FindField.svelte';
  import TakeFile from '$lib/intake/TakeFile.svelte';
  import More from '$lib/ui/More.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';

  let { dances }: { dances: Schemas['DanceView'][] } = $props();
  const settings = getSettings();
  const attempt = new Attempt();
  const events = new Paged<EventSummary>((q, after) =>
    need(api.GET('/api/events', { params: { query: { q, after } } }))
  );
  const titles = $derived(new Map(dances.map((dance) => [dance.id, dance.title])));
  let name = $state('');

  void events.open();

  const begin = (event: SubmitEvent) => {
    event.preventDefault();
    return attempt.run(async () => {
      const body: EventTerms = {
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
  <TakeFile label="Take in files" />
</div>
<Failed why={attempt.failed} />
{#if events.total > 12}<p class="mb-2"><FindField label="Find an event" onfind={(q) => void events.open(q)} /></p>{/if}
<ul class="border-t-2 border-ink">
  {#each events.lines ?? [] as event (event.id)}
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
<More list={events} what="events" />
