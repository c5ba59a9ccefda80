<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas } from '$lib/api/client';
  import { Paged } from '$lib/api/paged.svelte';
  import LessonLinks from '$lib/lesson/LessonLinks.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import FindField from '$lib/ui/FindField.svelte';
  import More from '$lib/ui/More.svelte';
  import TakeFile from '$lib/intake/TakeFile.svelte';

  /** Drills, or cards for setting a couple up: those that came with the studio and the coach's own. */
  let { dances }: { dances: Schemas['DanceView'][] } = $props();
  const cards = $derived(page.url.searchParams.get('of') === 'cards');
  const attempt = new Attempt();
  const drillList = new Paged<Schemas['LineDrillSummary']>((q, after) =>
    need(api.GET('/api/drills', { params: { query: { q, after } } }))
  );
  const cardList = new Paged<Schemas['LineCardSummary']>((q, after) =>
    need(api.GET('/api/cards', { params: { query: { q, after } } }))
  );
  const list = $derived(cards ? cardList : drillList);
  const titles = $derived(new Map(dances.map((dance) => [dance.id, dance.title])));
  const said = (ids: readonly string[]) => ids.map((id) => titles.get(id) ?? id).join(', ') || 'any dance';
  const STOP = 'Pain is a signal to stop.';
  let name = $state('');

  $effect(() => void list.open(''));

  const begin = (event: SubmitEvent) => {
    event.preventDefault();
    return attempt.run(async () => {
      const called = name.trim();
      const { id } = cards
        ? await need(
            api.POST('/api/cards', {
              body: { name: called, hold: 'closed hold', dances: [], points: [], cautions: [STOP] }
            })
          )
        : await need(
            api.POST('/api/drills', {
              body: { name: called, purpose: 'what it is for', dances: [], steps: [], cautions: [STOP] }
            })
          );
      await goto(`/${cards ? 'cards' : 'drills'}/${id}`);
    });
  };

  const one = $derived(cards ? 'card' : 'drill');
</script>

<LessonLinks here={cards ? '/drills?of=cards' : '/drills'} />
<div class="mb-3 flex flex-wrap items-end gap-4">
  <h1 class="text-3xl">{cards ? 'Set-up cards' : 'Drills'}</h1>
  {#key cards}<FindField label="Find a {one}" onfind={(q) => void list.open(q)} />{/key}
  <form onsubmit={begin} class="ml-auto flex items-center gap-2">
    <input
      bind:value={name}
      required
      maxlength="120"
      aria-label="Name of a new {one}"
      placeholder="Name of a new {one}"
      class="w-52 rounded-xs border border-strong bg-raised px-2 py-1"
    />
    <Button kind="main" type="submit" disabled={name.trim() === ''}>Begin</Button>
  </form>
  <TakeFile label="Take in files" />
  <a
    class="rounded-xs border border-strong bg-raised px-2.5 py-1 text-sm hover:border-accent hover:text-accent"
    href="/print/cards/all">Print to cut out</a
  >
</div>
<Failed why={attempt.failed} />
<ul class="border-t-2 border-ink md:columns-2 md:gap-8" aria-label={cards ? 'Set-up cards' : 'Drills'}>
  {#if cards}
    {#each cardList.lines ?? [] as card (card.id)}
      <li class="break-inside-avoid border-b border-line">
        <a href="/cards/{card.id}" class="block py-2 hover:bg-sheet">
          <span class="font-display text-lg font-semibold">{card.name}</span>
          <span class="block text-sm">{card.hold}</span>
          <span class="block text-xs text-soft">{said(card.dances)}</span>
        </a>
      </li>
    {/each}
  {:else}
    {#each drillList.lines ?? [] as drill (drill.id)}
      <li class="break-inside-avoid border-b border-line">
        <a href="/drills/{drill.id}" class="block py-2 hover:bg-sheet">
          <span class="flex items-baseline justify-between gap-3"
            ><span class="font-display text-lg font-semibold">{drill.name}</span>
            <span class="text-xs whitespace-nowrap text-soft">{drill.who}, {drill.minutes} min</span></span
          >
          <span class="block text-sm">{drill.purpose}</span>
          <span class="block text-xs text-soft">{said(drill.dances)}</span>
        </a>
      </li>
    {/each}
  {/if}
  {#if !list.lines?.length}<li class="py-4 text-soft">{list.lines ? 'None of that name.' : 'Loading …'}</li>{/if}
</ul>
{#if cards}<More list={cardList} what="cards" />{:else}<More list={drillList} what="drills" />{/if}
