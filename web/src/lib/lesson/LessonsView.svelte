<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { api, need, type Schemas } from '$lib/api/client';
  import { todayHere, later, longDay, mondayOf, shortDay, timeOf } from '$lib/api/days';
  import { loaded } from '$lib/api/loaded.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import LessonLinks from './LessonLinks.svelte';
  import NewLesson from './NewLesson.svelte';

  const today = todayHere();
  const asked = $derived(page.url.searchParams.get('week') ?? '');
  const monday = $derived(mondayOf(/^\d{4}-\d\d-\d\d$/.test(asked) ? asked : today));
  const read = loaded(
    () => monday,
    (from) => need(api.GET('/api/lessons/days', { params: { query: { from, to: later(from, 7) } } }))
  );
  const days = $derived(
    Array.from({ length: 7 }, (_, nth) => {
      const day = later(monday, nth);
      return { day, lessons: (read.current ?? []).filter((lesson) => lesson.at.startsWith(day)) };
    })
  );
  const minutes = $derived((read.current ?? []).reduce((sum, lesson) => sum + lesson.minutes, 0));
  // Asked for from somebody's page.
  let beginning = $state(page.url.searchParams.get('with') !== null);
  let on = $state(today);

  function begin(day: string) {
    on = day;
    beginning = true;
  }
</script>

{#snippet card(lesson: Schemas['LineLessonSummary'])}
  <a
    href="/lessons/{lesson.id}"
    class={[
      'block border-l-4 bg-raised px-2 py-1.5 hover:bg-tint',
      lesson.held ? 'border-sound' : lesson.parts > 0 ? 'border-accent' : 'border-strong'
    ]}
  >
    <span class="flex items-baseline justify-between gap-2 text-sm"
      ><b>{timeOf(lesson.at)}</b> <span class="text-xs text-soft">{lesson.minutes} min</span></span
    >
    <span class="block font-display font-semibold">{lesson.name}</span>
    <span class="line-clamp-2 text-xs text-soft">{lesson.topics.join(', ') || 'nothing chosen yet'}</span>
    <span class="block text-xs">{lesson.held ? 'given' : lesson.parts > 0 ? 'planned' : 'to be planned'}</span>
  </a>
{/snippet}

<LessonLinks here="/lessons" />
<div class="mb-3 flex flex-wrap items-end gap-x-4 gap-y-2">
  <h1 class="text-3xl">Lessons</h1>
  <p class="text-soft">
    week of {longDay(monday)}{read.current?.length
      ? `: ${read.current.length} ${read.current.length === 1 ? 'lesson' : 'lessons'}, ${Math.floor(minutes / 60)} h ${minutes % 60} min`
      : ''}
  </p>
  <span class="flex gap-1">
    <Button onclick={() => goto(`/lessons?week=${later(monday, -7)}`)} aria-label="The week before">‹</Button>
    <Button onclick={() => goto('/lessons')} disabled={monday === mondayOf(today)}>This week</Button>
    <Button onclick={() => goto(`/lessons?week=${later(monday, 7)}`)} aria-label="The week after">›</Button>
  </span>
  <Button kind="main" class="ml-auto" onclick={() => begin(today)}>New lesson</Button>
</div>
<Failed why={read.failed} />
<NewLesson bind:open={beginning} day={on} whom={page.url.searchParams.get('with') ?? ''} />
<ol aria-label="Days" class="grid gap-px border border-line bg-line md:grid-cols-2 xl:grid-cols-7">
  {#each days as { day, lessons } (day)}
    <li class={['flex min-w-0 flex-col gap-1.5 p-2 xl:min-h-72', day === today ? 'bg-sheet' : 'bg-ground']}>
      <div class="flex items-baseline justify-between">
        <h2 class={['text-base', day === today && 'text-accent']}>
          {shortDay(day)}{#if day === today}<span class="sr-only">, today</span>{/if}
        </h2>
        <button
          type="button"
          class="px-1.5 text-soft hover:text-accent"
          aria-label="New lesson on {shortDay(day)}"
          onclick={() => begin(day)}>+</button
        >
      </div>
      {#each lessons as lesson (lesson.id)}{@render card(lesson)}{/each}
    </li>
  {/each}
</ol>
{#if read.current?.length === 0}<p class="mt-3 max-w-prose text-soft">
    No lesson in this week. Begin one: choose with whom and what, and its plan is proposed from what you have seen.
  </p>{/if}
