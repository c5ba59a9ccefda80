<script lang="ts">
  import { api, need, type Schemas } from '$lib/api/client';
  import { away, dayHere, longDay, shortDay, timeOf } from '$lib/api/days';
  import { loaded } from '$lib/api/loaded.svelte';
  import { settled } from '$lib/editing/live';
  import JottingLine from '$lib/jotting/JottingLine.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import FirstSteps from './FirstSteps.svelte';
  import Waiting from './Waiting.svelte';

  /** The day's work. */
  const settings = getSettings();
  /** The nearest plans of practice; the others have their page. */
  const FEW = 6;
  let kept = $state(0);
  const today = loaded(
    () => kept,
    async () => {
      await settled();
      return need(api.GET('/api/today'));
    }
  );
  const others = loaded(
    () => day?.date ?? '',
    async (from) => {
      if (from === '') return { classes: [], practices: [], more: false };
      const [classes, practices] = await Promise.all([
        need(api.GET('/api/classes', { params: { query: { from, limit: 100 } } })),
        need(api.GET('/api/practices', { params: { query: { from, limit: FEW } } }))
      ]);
      return {
        classes: classes.lines.filter((one) => one.at.startsWith(from)),
        practices: practices.lines,
        more: practices.next !== undefined
      };
    }
  );
  const classes = $derived(others.current?.classes ?? []);
  const practices = $derived(others.current?.practices ?? []);
  const day = $derived(today.current);
  const isBare = $derived(day && day.people === 0);
</script>

{#snippet line(lesson: Schemas['TodayLesson'], withDay: boolean)}
  <li class="grid grid-cols-[4.5rem_1fr] gap-x-3 border-b border-line py-2.5">
    <span class={withDay ? 'text-sm text-soft' : 'font-display text-xl'}
      >{withDay ? shortDay(lesson.at) : ''} {timeOf(lesson.at)}</span
    >
    <div class="min-w-0">
      <a href="/lessons/{lesson.id}" class="font-display text-xl font-semibold hover:text-accent">{lesson.name}</a>
      <span class="text-sm text-soft"
        >{lesson.minutes} min{lesson.where ? `, ${lesson.where}` : ''}; {lesson.held
          ? 'given'
          : lesson.planned
            ? 'planned'
            : 'to be planned'}</span
      >
      <span class="block text-sm">{lesson.topics.join(', ')}</span>
      {#if !withDay}{#each lesson.promised as promise (promise)}<span
            class="block border-l-4 border-accent pl-2 text-sm">promised: {promise}</span
          >{/each}{/if}
    </div>
  </li>
{/snippet}

<div class="mb-4 flex flex-wrap items-baseline gap-x-4">
  <h1 class="text-3xl">Today on the floor</h1>
  {#if day}<p class="text-soft">{longDay(day.date)}</p>{/if}
</div>
<Failed why={today.failed || others.failed} />
{#if isBare}
  <div class="grid gap-8 lg:grid-cols-[1.3fr_1fr]">
    <FirstSteps bare />
    <Waiting open={day?.open ?? []} />
  </div>
{:else if day}
  <div class="mb-5"><JottingLine onkept={() => kept++} /></div>
  <div class="grid gap-8 lg:grid-cols-[1.3fr_1fr]">
    <div class="flex min-w-0 flex-col gap-6">
      <section aria-label="Lessons today">
        <h2 class="mb-1 text-lg">Lessons today</h2>
        <ul class="border-t-2 border-ink">
          {#each day.lessons as lesson (lesson.id)}{@render line(lesson, false)}
          {:else}<li class="border-b border-line py-3 text-soft">
              None. <a class="underline" href="/lessons">The week</a>
            </li>{/each}
        </ul>
        {#if classes.length > 0}
          <h2 class="mt-4 mb-1 text-lg">Classes today</h2>
          <ul class="border-t border-line" aria-label="Classes today">
            {#each classes as evening (evening.id)}
              <li class="grid grid-cols-[4.5rem_1fr] gap-x-3 border-b border-line py-2.5">
                <span class="font-display text-xl">{timeOf(evening.at)}</span>
                <span
                  ><a href="/classes/{evening.id}" class="font-display text-xl font-semibold hover:text-accent"
                    >{evening.name}</a
                  >
                  <span class="text-sm text-soft"
                    >{evening.dancers.length} people, {evening.danced} of {evening.rounds} rounds danced</span
                  >
                  <span class="block text-sm">{evening.material.join(', ')}</span></span
                >
              </li>
            {/each}
          </ul>
        {/if}
        {#if day.next.length > 0}
          <h2 class="mt-4 mb-1 text-lg">Next</h2>
          <ul class="border-t border-line">
            {#each day.next as lesson (lesson.id)}{@render line(lesson, true)}{/each}
          </ul>
        {/if}
      </section>
      <section aria-label="Last entries">
        <h2 class="mb-1 text-lg">Last seen</h2>
        <ul class="border-t border-line text-sm">
          {#each day.entries as entry (entry.id)}
            <li class="flex flex-wrap gap-x-3 border-b border-line py-1">
              <span class="w-20 text-soft">{shortDay(dayHere(entry.at))}</span>
              {#if entry.couple}<a class="font-semibold hover:text-accent" href="/people/{entry.couple}">{entry.whom}</a
                >
              {:else if entry.whom}<span class="font-semibold">{entry.whom}</span>{/if}
              <a class="hover:text-accent" href="/{entry.kind}s/{entry.subject}">{entry.name}</a>
              {#if entry.fault}<span
                  >{settings.say(entry.fault.seen)}{entry.fault.cue ? `: “${settings.say(entry.fault.cue)}”` : ''}</span
                >{:else}<span class="text-sound">clean{entry.tempo ? ` at ${entry.tempo}` : ''}</span>{/if}
            </li>
          {:else}<li class="py-2 text-soft">Nothing yet: type the first line above.</li>{/each}
        </ul>
      </section>
    </div>
    <div class="flex min-w-0 flex-col gap-6">
      <section aria-label="Coming events">
        <h2 class="mb-1 text-lg">Coming</h2>
        <ul class="border-t border-line">
          {#each day.events as event (event.id)}
            <li class="flex items-baseline gap-3 border-b border-line py-1.5">
              <span class="w-12 text-right font-display text-2xl text-accent">{event.days}</span>
              <span class="min-w-0"
                ><a class="font-semibold hover:text-accent" href="/events/{event.id}">{event.name}</a>
                <span class="block text-xs text-soft"
                  >{away(event.days)}{event.whom.length > 0
                    ? `; ${event.whom.map((one) => one.name).join(', ')}`
                    : ''}</span
                ></span
              >
            </li>
          {:else}<li class="py-2 text-soft">
              No event with a day. <a class="underline" href="/events">Give one its day</a>
            </li>{/each}
        </ul>
      </section>
      {#if practices.length > 0}
        <section aria-label="In practice">
          <h2 class="mb-1 text-lg">In practice</h2>
          <ul class="border-t border-line text-sm">
            {#each practices as one (one.id)}
              <li class="border-b border-line py-1">
                <a class="font-semibold hover:text-accent" href="/practice/{one.id}">{one.name}</a> for {one.aim}:
                {one.done} of {one.parts} parts done{one.missed > 0 ? `, ${one.missed} missed` : ''}
              </li>
            {/each}
          </ul>
          {#if others.current?.more}<a class="text-sm text-accent underline" href="/practice">all who practise</a>{/if}
        </section>
      {/if}
      {#if day.movedOn.length > 0}
        <section aria-label="Versions that moved on">
          <h2 class="mb-1 text-lg">Changed since it was taught</h2>
          <ul class="border-t border-line text-sm">
            {#each day.movedOn as one (`${one.whom} ${one.id}`)}
              <li class="border-b border-line py-1">
                <a class="font-semibold hover:text-accent" href="/people/{one.whom}">{one.whomName}</a> learned
                {one.name}; it differs in {one.differences}
                {one.differences === 1 ? 'place' : 'places'}, first {one.first}
              </li>
            {/each}
          </ul>
        </section>
      {/if}
      <Waiting open={day.open} />
      <FirstSteps />
    </div>
  </div>
{/if}
