<script lang="ts">
  import { page } from '$app/state';
  import { api, need, type Schemas } from '$lib/api/client';
  import { away, daysBetween, longDay, todayHere } from '$lib/api/days';
  import { Paged } from '$lib/api/paged.svelte';
  import LessonLinks from '$lib/lesson/LessonLinks.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import FindField from '$lib/ui/FindField.svelte';
  import More from '$lib/ui/More.svelte';
  import NewPractice from './NewPractice.svelte';

  /** Everybody who practises for something, the nearest event first. */
  const today = todayHere();
  let q = $state('');
  let past = $state(false);
  let beginning = $state(page.url.searchParams.get('with') !== null);
  const list = new Paged<Schemas['LinePracticeSummary']>((q, after) =>
    need(api.GET('/api/practices', { params: { query: past ? { q, after } : { q, after, from: today } } }))
  );
  const open = (query = q) => {
    q = query;
    void list.open(query);
  };
  open();
</script>

<LessonLinks here="/practice" />
<div class="mb-3 flex flex-wrap items-end gap-x-4 gap-y-2">
  <h1 class="text-3xl">Practice</h1>
  <p class="text-soft">what is danced on which day until an event, and why</p>
  <Button kind="main" class="ml-auto" onclick={() => (beginning = true)}>Plan practice</Button>
</div>
<NewPractice bind:open={beginning} whom={page.url.searchParams.get('with') ?? ''} />
<div class="mb-3 flex flex-wrap items-center gap-4">
  <FindField label="Find by couple or event" onfind={open} />
  <label class="flex items-center gap-1 text-sm"
    ><input
      type="checkbox"
      class="accent-accent"
      checked={past}
      onchange={(event) => {
        past = event.currentTarget.checked;
        open();
      }}
    /> also those that are over</label
  >
</div>
<Failed why={list.failed} />
<ul aria-label="Plans" class="border-t border-line">
  {#each list.lines ?? [] as plan (plan.id)}
    {@const days = daysBetween(today, plan.day)}
    <li class="border-b border-line">
      <a href="/practice/{plan.id}" class="grid grid-cols-[4.5rem_1fr] items-center gap-x-4 py-2 hover:bg-tint">
        <span class="text-right font-display text-3xl {days < 0 ? 'text-soft' : 'text-accent'}"
          >{Math.abs(days)}<span class="block text-xs text-soft"
            >{days < 0 ? 'days ago' : days === 1 ? 'day' : 'days'}</span
          ></span
        >
        <span class="min-w-0">
          <span class="block font-display text-xl font-semibold">{plan.name}</span>
          <span class="block text-sm text-soft">{plan.aim}, {longDay(plan.day)}, {away(days)}</span>
          <span class="block text-sm"
            >{plan.parts === 0
              ? 'not planned yet'
              : `${plan.done} of ${plan.parts} parts done${plan.missed ? `, ${plan.missed} missed` : ''}`}</span
          >
        </span>
      </a>
    </li>
  {:else}
    {#if list.lines}<li class="max-w-prose py-3 text-soft">
        {q || past
          ? 'No plan is found so.'
          : 'Nobody practises for an event yet. Choose a couple, a day and the time there is: what they dance, what is weak and what they must keep is shared out from their log.'}
      </li>{/if}
  {/each}
</ul>
<More {list} what="plans" />
