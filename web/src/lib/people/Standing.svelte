<script lang="ts">
  import { api, need, type Schemas } from '$lib/api/client';
  import { away, dayHere, daysBetween, longDay, shortDay, timeOf, todayHere } from '$lib/api/days';
  import { loaded } from '$lib/api/loaded.svelte';
  import FaultWeeks from '$lib/plots/FaultWeeks.svelte';
  import { range, said, verdict } from '$lib/plots/rates';
  import TempoPlot from '$lib/plots/TempoPlot.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import type { CoupleEditor, GroupEditor } from './editors';
  import Taught from './Taught.svelte';

  interface Props {
    editor: CoupleEditor | GroupEditor;
    record: Schemas['RecordView'];
    subjects: { kind: string; id: string; name: string }[];
    kept: number;
    ontaught: () => void;
  }

  let { editor, record, subjects, kept, ontaught }: Props = $props();
  const settings = getSettings();
  const FEW = 6;
  /** Seen less often, a fault is not worth the first line. */
  const OFTEN = 3;
  let every = $state(false);
  const today = todayHere();
  const around = loaded(
    () => editor.id,
    async (whom) => {
      const coming = { q: `with:${whom}.`, from: today, limit: 20 };
      const [lessons, events, plans, evenings] = await Promise.all([
        need(api.GET('/api/lessons/around', { params: { query: { whom, day: today } } })),
        need(api.GET('/api/events', { params: { query: { limit: 500 } } })),
        need(api.GET('/api/practices', { params: { query: coming } })),
        need(api.GET('/api/classes', { params: { query: coming } }))
      ]);
      return {
        lessons,
        events: events.lines,
        plans: plans.lines.filter((one) => one.whom === whom),
        evenings: evenings.lines.filter((one) => one.group === whom)
      };
    }
  );
  const next = $derived(around.current?.lessons.next);
  const past = $derived(around.current?.lessons.past ?? []);
  const promised = $derived(around.current?.lessons.promises ?? []);
  const events = $derived(
    (around.current?.events ?? [])
      .filter((event) => (editor.state.events ?? []).includes(event.id))
      .sort((a, b) => (a.date ?? '~').localeCompare(b.date ?? '~'))
  );
  const days = (day: string) => daysBetween(today, day);
  const goals = $derived('goals' in editor.state ? (editor.state.goals ?? []).filter((goal) => !goal.reached) : []);
  const faults = $derived(every ? record.faults : record.faults.slice(0, FEW));
  const better = $derived(record.faults.filter((fault) => fault.change.verdict === 'rarer').length);
  const open = $derived(
    record.faults.filter((fault) => fault.change.verdict !== 'rarer' && fault.rate.times >= OFTEN)[0]
  );
  const clean = $derived(record.subjects.filter((subject) => subject.clean).length);
</script>

<Failed why={around.failed} />
<p class="mb-4 max-w-prose font-display text-lg leading-snug" role="status" aria-label="In short">
  {#if record.runs === 0}
    Nothing seen yet. The line above takes the first of it; <b>Rehearse</b> logs with one key.
  {:else}
    {record.runs}
    {record.runs === 1 ? 'run' : 'runs'} in a year; {clean} of {record.subjects.length} danced clean now.
    {#if better > 0}{better === 1 ? 'One fault' : `${better} faults`} became rarer.{/if}
    {#if open}Still there: <b>{settings.say(open.seen)}</b> in {open.figureName}, {said(open.rate)}.{/if}
  {/if}
</p>
<div class="grid gap-8 lg:grid-cols-[1.6fr_1fr]">
  <div class="flex min-w-0 flex-col gap-6">
    <section aria-label="What they dance">
      <h2 class="mb-1 text-lg">What they dance</h2>
      <ul class="border-t border-line">
        {#each record.subjects as subject (`${subject.kind} ${subject.id}`)}
          <li class="grid grid-cols-[1fr_auto] gap-x-4 gap-y-1 border-b border-line py-2 sm:grid-cols-[1fr_9rem_14rem]">
            <span class="min-w-0">
              <a class="font-semibold hover:text-accent" href="/{subject.kind}s/{subject.id}">{subject.name}</a>
              <span class="block text-xs text-soft">last {shortDay(dayHere(subject.last))}</span>
            </span>
            <span class={['text-sm', subject.clean && 'text-sound']} title={range(subject.lately)}
              >{subject.lately.times} of the last {subject.lately.of} clean{subject.clean ? ' ✓' : ''}
              {#if subject.otherSide.times > 0}<span class="block text-xs text-soft"
                  >{said(subject.otherSide)} to the other side</span
                >{/if}
              {#if subject.man + subject.lady > 0 && subject.both > 0}<span class="block text-xs text-soft"
                  >{settings.role('man')} alone {subject.man}, {settings.role('lady')} alone {subject.lady}</span
                >{/if}</span
            >
            <span class="max-sm:col-span-2"><TempoPlot {subject} /></span>
          </li>
        {:else}<li class="py-3 text-soft">No run has been logged yet.</li>{/each}
      </ul>
    </section>
    {#if record.faults.length > 0}
      <section aria-label="Faults over time">
        <h2 class="mb-1 text-lg">Faults over time</h2>
        <p class="mb-2 text-xs text-soft">A bar a week: the share of its runs. ▾ marks a cue.</p>
        <ul class="border-t border-line">
          {#each faults as fault (`${fault.figure} ${fault.role} ${fault.row} ${fault.seen}`)}
            <li class="grid gap-x-4 gap-y-1 border-b border-line py-2 sm:grid-cols-[1fr_auto]">
              <div class={['border-l-4 pl-2', fault.role === 'man' ? 'border-man' : 'border-lady']}>
                <p class="font-semibold">{settings.say(fault.seen)}</p>
                <p class="text-sm text-soft">
                  {settings.role(fault.role)}, step {fault.row}, {fault.figureName}{fault.cause
                    ? `; because ${fault.cause}`
                    : ''}
                </p>
                {#if fault.helped}
                  <p class="text-sm text-sound">
                    Rarer since “{settings.say(fault.helped.cue)}”: {said(fault.helped.change.before)} before, {said(
                      fault.helped.change.after
                    )} after
                  </p>
                {:else}
                  <p class={['text-sm', fault.change.verdict === 'more-often' && 'text-broken']}>
                    {verdict(fault.change)}{fault.cue ? `; last cue “${settings.say(fault.cue)}”` : ''}
                  </p>
                {/if}
              </div>
              <div><FaultWeeks {fault} /></div>
            </li>
          {/each}
        </ul>
        {#if record.faults.length > FEW}<button
            type="button"
            class="mt-1 text-sm text-accent underline"
            onclick={() => (every = !every)}>{every ? 'fewer' : `all ${record.faults.length}`}</button
          >{/if}
      </section>
    {/if}
  </div>
  <div class="flex min-w-0 flex-col gap-6">
    <section aria-label="Next lesson" class="border-l-4 border-accent pl-3">
      <h2 class="text-lg">Next lesson</h2>
      {#if next}
        <p>
          <a class="font-semibold text-accent hover:underline" href="/lessons/{next.id}"
            >{shortDay(next.at)}, {timeOf(next.at)}</a
          >
          <span class="text-sm text-soft"
            >{next.minutes} minutes{next.parts > 0 ? ', planned' : ', not planned yet'}</span
          >
        </p>
        <p class="text-sm text-soft">{next.topics.join(', ')}</p>
      {:else}<p class="text-soft">None yet. <a class="underline" href="/lessons?with={editor.id}">Begin one</a></p>{/if}
      {#each promised as text (text)}<p class="text-sm">Promised: <b>{text}</b></p>{/each}
    </section>
    <section aria-label={editor.kind === 'group' ? 'Classes and practice' : 'Practice'}>
      <h2 class="mb-1 text-lg">{editor.kind === 'group' ? 'Classes and practice' : 'Practice'}</h2>
      <ul class="text-sm">
        {#each around.current?.plans ?? [] as plan (plan.id)}<li class="border-t border-line py-1">
            <a class="font-semibold hover:text-accent" href="/practice/{plan.id}">until {longDay(plan.day)}</a>,
            {plan.aim}
          </li>{/each}
        {#each around.current?.evenings ?? [] as evening (evening.id)}<li class="border-t border-line py-1">
            <a class="font-semibold hover:text-accent" href="/classes/{evening.id}">{longDay(evening.at)}</a>,
            {evening.material.join(', ')}
          </li>{/each}
      </ul>
      <p class="text-sm text-soft">
        <a class="underline" href="/practice?with={editor.id}">Plan practice</a>{#if editor.kind === 'group'}, <a
            class="underline"
            href="/classes?with={editor.id}">begin an evening</a
          >{/if}
      </p>
    </section>
    {#if events.length > 0 || goals.length > 0}
      <section aria-label="Aims">
        <h2 class="mb-1 text-lg">Aims</h2>
        <ul class="text-sm">
          {#each events as event (event.id)}<li class="border-t border-line py-1">
              <a class="font-semibold hover:text-accent" href="/events/{event.id}">{event.name}</a>
              {#if event.date}<span class="text-soft">{longDay(event.date)}, {away(days(event.date))}</span>{/if}
            </li>{/each}
          {#each goals as goal, nth (nth)}<li class="border-t border-line py-1">
              {goal.text}
              {#if goal.by}<span class="text-soft">by {longDay(goal.by)}, {away(days(goal.by))}</span>{/if}
            </li>{/each}
        </ul>
      </section>
    {/if}
    <Taught whom={editor.id} {subjects} {kept} {ontaught} />
    <section aria-label="Lessons">
      <h2 class="mb-1 text-lg">Lessons</h2>
      <ul class="text-sm">
        {#each past as lesson (lesson.id)}<li class="border-t border-line py-1">
            <a class="font-semibold hover:text-accent" href="/lessons/{lesson.id}">{shortDay(lesson.at)}</a>
            <span class="text-soft">{lesson.topics.join(', ')}</span>
          </li>{:else}<li class="text-soft">No lesson has been given yet.</li>{/each}
      </ul>
    </section>
    {#if editor.state.note}<section aria-label="Notes">
        <h2 class="mb-1 text-lg">Notes</h2>
        <p class="text-sm whitespace-pre-line">{editor.state.note}</p>
      </section>{/if}
  </div>
</div>
