<script lang="ts">
  import { page } from '$app/state';
  import { api, need, type Schemas } from '$lib/api/client';
  import { away, daysBetween, longDay, timeOf, todayHere } from '$lib/api/days';
  import { Paged } from '$lib/api/paged.svelte';
  import LessonLinks from '$lib/lesson/LessonLinks.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import FindField from '$lib/ui/FindField.svelte';
  import More from '$lib/ui/More.svelte';
  import NewClass from './NewClass.svelte';

  /** Evenings of classes: tonight and to come first, then those that have been danced. */
  const today = todayHere();
  let beginning = $state(page.url.searchParams.get('with') !== null);
  let over = $state(false);
  let q = $state('');
  const list = new Paged<Schemas['LineClassSummary']>((q, after) =>
    need(api.GET('/api/classes', { params: { query: over ? { q, after } : { q, after, from: today } } }))
  );
  const open = (query = q) => {
    q = query;
    void list.open(query);
  };
  open();
</script>

<LessonLinks here="/classes" />
<div class="mb-3 flex flex-wrap items-end gap-x-4 gap-y-2">
  <h1 class="text-3xl">Classes</h1>
  <p class="text-soft">everybody with everybody, round by round</p>
  <Button kind="main" class="ml-auto" onclick={() => (beginning = true)}>New evening</Button>
</div>
<NewClass bind:open={beginning} group={page.url.searchParams.get('with') ?? ''} />
<div class="mb-3 flex flex-wrap items-center gap-4">
  <FindField label="Find an evening" onfind={open} />
  <label class="flex items-center gap-1 text-sm"
    ><input
      type="checkbox"
      class="accent-accent"
      checked={over}
      onchange={(event) => {
        over = event.currentTarget.checked;
        open();
      }}
    /> also earlier evenings</label
  >
</div>
<Failed why={list.failed} />
<ul aria-label="Evenings" class="border-t border-line">
  {#each list.lines ?? [] as one (one.id)}
    <li class="border-b border-line">
      <a
        href="/classes/{one.id}"
        class="grid gap-x-4 py-2 hover:bg-tint sm:grid-cols-[9rem_1fr_auto] sm:items-baseline"
      >
        <span class="text-sm {one.at.startsWith(today) ? 'font-semibold text-accent' : 'text-soft'}"
          >{longDay(one.at)}<span class="block">{timeOf(one.at)}, {away(daysBetween(today, one.at.slice(0, 10)))}</span
          ></span
        >
        <span>
          <span class="block font-display text-xl font-semibold">{one.name}</span>
          <span class="block text-sm text-soft">{one.material.join(', ') || 'nothing chosen yet'}</span>
        </span>
        <span class="text-sm">{one.dancers.length} people, {one.danced} of {one.rounds} rounds danced</span>
      </a>
    </li>
  {:else}
    {#if list.lines}<li class="max-w-prose py-3 text-soft">
        {q || over
          ? 'No evening is found so.'
          : 'No evening is coming. Begin one: say who comes and what is danced, and who dances with whom is worked out for any numbers.'}
      </li>{/if}
  {/each}
</ul>
<More {list} what="evenings" />
