<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas } from '$lib/api/client';
  import { daysBetween, later, longDay, shortDay, todayHere } from '$lib/api/days';
  import { loaded } from '$lib/api/loaded.svelte';
  import { Editor } from '$lib/editing/editor.svelte';
  import EditorBar from '$lib/editing/EditorBar.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import DayParts from './DayParts.svelte';
  import Matters from './Matters.svelte';
  import PlanPicture from './PlanPicture.svelte';
  import { dayMarked, isWork, marked, unsaid, type Practice } from './plan';
  import TimeForm from './TimeForm.svelte';

  /** Practice until an event: today, the weeks, the time there is, and why. */
  let { view }: { view: Schemas['PracticeView'] } = $props();
  const today = todayHere();
  // The desk is made anew for every plan.
  // svelte-ignore state_referenced_locally
  const editor = new Editor('practice', view);
  void editor.recover();
  const attempt = new Attempt();
  const practice = $derived(editor.state);
  const days = $derived(practice.days ?? []);
  const left = $derived(daysBetween(today, practice.aim.day));
  const openDays = $derived(unsaid(days, today));
  let chosen = $state(page.url.searchParams.get('day') ?? today);
  const day = $derived(days.find((one) => one.date === chosen));

  const planned = (body: Practice) => need(api.POST('/api/practice-plans', { params: { query: { today } }, body }));
  /** What a plan from today on would be; where nothing has happened since, it is the one that is kept. */
  const read = loaded(
    // Not for every letter of a note.
    () => JSON.stringify({ ...practice, note: '' }),
    (text) => planned(JSON.parse(text) as Practice)
  );
  const now = $derived(read.current);

  const event = loaded(
    () => practice.aim.event ?? '',
    // An event that is gone says nothing: the plan keeps its day.
    async (id) => (id === '' ? null : ((await api.GET('/api/events/{id}', { params: { path: { id } } })).data ?? null))
  );
  /** The day to which the event has been moved, if it has been. */
  const moved = $derived.by(() => {
    const date = event.current?.document.date;
    return date && date !== practice.aim.day ? date : '';
  });

  let asked = 0;

  /** What a plan depends on beside what has been done. */
  const asks = ({ aim, week, except, wanted }: Practice) => JSON.stringify([aim, week, except, wanted]);

  /** A change stands at once; then the rest is planned anew, or it is said why it cannot be. */
  async function change(of: Partial<Practice>, group = `plan ${asked + 1}`) {
    const mine = ++asked;
    editor.describe(of, group);
    const wanted = asks(editor.state);
    await attempt.run(async () => {
      // What is done or noted meanwhile stays: it is planned once more with it. What is taken back is not planned.
      while (mine === asked && asks(editor.state) === wanted) {
        const body = editor.state;
        const { document } = await planned(body);
        if (mine !== asked || editor.state !== body) continue;
        editor.describe({ days: document.days ?? [], gaveWay: document.gaveWay ?? [] }, group);
        return;
      }
    });
  }

  /** What is done stands; after what was missed the rest is planned anew. */
  function mark(nth: number, state: 'open' | 'done' | 'missed') {
    const next = { days: marked(days, chosen, nth, state) };
    if (state === 'missed') void change(next);
    else editor.describe(next);
  }

  const missed = () => change({});
  const danced = () => change({ days: openDays.reduce((all, one) => dayMarked(all, one.date, 'done'), [...days]) });
  const points = (of: number) => `${of} ${of === 1 ? 'point' : 'points'}`;
</script>

<h1 class="sr-only">Practice of {practice.with.name} for {practice.aim.name}</h1>
<header class="mb-4 flex flex-wrap items-end gap-x-4 gap-y-2 border-b-2 border-ink pb-2">
  <p class="font-display text-5xl leading-none text-accent" aria-hidden="true">
    {#if left === 0}<span class="text-3xl">today</span>{:else}{Math.abs(left)}<span class="ml-1 text-base text-soft"
        >{left < 0 ? (left === -1 ? 'day ago' : 'days ago') : left === 1 ? 'day' : 'days'}</span
      >{/if}
  </p>
  <p class="font-display text-2xl">
    <a class="hover:text-accent" href="/people/{practice.with.id}">{practice.with.name}</a>
    <span class="block text-base text-soft"
      >{#if practice.aim.event}<a class="hover:text-accent hover:underline" href="/events/{practice.aim.event}"
          >{practice.aim.name}</a
        >{:else}{practice.aim.name}{/if}, {longDay(practice.aim.day)}</span
    >
  </p>
  <EditorBar {editor} onremoved={() => void goto('/practice')}>
    {#snippet main()}
      <a
        class="inline-flex items-center rounded-xs border border-strong bg-raised px-2.5 py-1 text-sm hover:border-accent hover:text-accent"
        href="/api/practices/{editor.id}/calendar"
        download>Calendar file</a
      >
    {/snippet}
  </EditorBar>
</header>
<Failed why={attempt.failed || read.failed} />
{#if moved}
  <div
    role="status"
    class="mb-4 flex flex-wrap items-center gap-3 border-l-4 border-doubtful bg-doubtful-tint px-3 py-2"
  >
    <p class="mr-auto">{practice.aim.name} is on {longDay(moved)} now.</p>
    <Button kind="main" onclick={() => change({ aim: { ...practice.aim, day: moved } })}>Plan until then</Button>
  </div>
{/if}
{#if openDays.length > 0 && left >= 0}
  <div
    role="status"
    class="mb-4 flex flex-wrap items-center gap-3 border-l-4 border-doubtful bg-doubtful-tint px-3 py-2"
  >
    <p class="mr-auto">
      Nothing was said of {openDays.map((one) => shortDay(one.date)).join(', ')}:
      {openDays.flatMap((one) => one.parts.filter((part) => isWork(part) && (part.state ?? 'open') === 'open')).length} parts
      are open.
    </p>
    <Button kind="main" onclick={missed}>Missed: plan the rest anew</Button>
    <Button onclick={danced}>They were danced</Button>
  </div>
{/if}
<div class="grid grid-cols-1 gap-x-8 gap-y-6 lg:grid-cols-[minmax(0,1.9fr)_minmax(17rem,1fr)]">
  <div class="flex min-w-0 flex-col gap-6">
    <DayParts
      {day}
      date={chosen}
      {today}
      whom={practice.with.id}
      practice={editor.id}
      onmark={mark}
      onmarkall={(state) => editor.describe({ days: dayMarked(days, chosen, state) })}
    />
    <section aria-label="Until the event" class="min-w-0">
      <h2 class="mb-1 text-lg">Until the event</h2>
      {#if days.length > 0}
        <PlanPicture {days} {today} {chosen} aim={practice.aim} onchoose={(date) => (chosen = date)} />
      {:else}<p class="text-soft">There is no day left to practise on.</p>{/if}
      {#if now && left > 0}
        <p class="mt-2 max-w-prose text-sm text-soft">
          Worth {points(now.worth)}{now.worth === now.bound
            ? ': no plan for these minutes is worth more'
            : `; a plan that did not keep to the one before could be worth ${now.bound} at most`}. Filling each day with
          what is best that day would come to {now.greedy}.
        </p>
      {/if}
    </section>
    {#if practice.gaveWay?.length}
      <section aria-label="What gave way">
        <h2 class="text-lg">What gave way</h2>
        <ul class="text-sm">
          {#each practice.gaveWay as line, nth (nth)}<li class="border-l-4 border-line pl-2">{line}</li>{/each}
        </ul>
      </section>
    {/if}
  </div>
  <div class="flex min-w-0 flex-col gap-6">
    {#if !practice.aim.event}
      <label class="flex items-center gap-2 text-sm"
        >Until <input
          type="date"
          class="rounded-xs border border-strong bg-raised px-2 py-1"
          value={practice.aim.day}
          min={later(today, 1)}
          max={later(today, 120)}
          onchange={(event) =>
            event.currentTarget.value &&
            event.currentTarget.validity.valid &&
            void change({ aim: { ...practice.aim, day: event.currentTarget.value } }, 'until')}
        /></label
      >
    {/if}
    <TimeForm {practice} date={chosen} mayChange={chosen >= today} onchange={(of) => void change(of, 'minutes')} />
    <Matters {practice} matters={now?.matters ?? []} onchange={(wanted) => void change({ wanted }, 'wanted')} />
    <section aria-label="For the body" class="text-sm">
      <h2 class="text-lg">For the body</h2>
      {#each now?.advice ?? [] as line, nth (nth)}
        <p class="border-l-4 border-doubtful pl-2">{line}</p>
      {/each}
      <p class="mt-1 text-xs text-soft">
        Usual advice from the charts, not medical advice. Warm up first, in shoes that let the foot turn, with space
        around. Pain is a signal to stop; a licensed professional and the organiser's rules come first.
      </p>
    </section>
    <label class="flex flex-col gap-1 text-sm"
      ><span class="font-display text-lg">Notes</span>
      <textarea
        rows="2"
        maxlength="2000"
        value={practice.note ?? ''}
        oninput={(event) => editor.describe({ note: event.currentTarget.value })}
        class="rounded-xs border border-strong bg-raised px-2 py-1"></textarea></label
    >
  </div>
</div>
