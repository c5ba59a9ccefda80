<script lang="ts">
  import { api, need, type Schemas } from '$lib/api/client';
  import { longDay, timeOf } from '$lib/api/days';
  import { loaded } from '$lib/api/loaded.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import { STAGES, sum, type Item } from './stages';

  /** What they take away: what was done, what was seen with its cues, and what comes next. */
  let { id, lesson }: { id: string; lesson: Schemas['Lesson'] } = $props();
  const settings = getSettings();
  const read = loaded(
    () => id,
    (wanted) => need(api.GET('/api/log/lessons/{lesson}', { params: { path: { lesson: wanted } } }))
  );
  const items = $derived<Item[]>(lesson.items ?? []);
  const done = $derived(items.filter((item) => item.done));
  const named = $derived([...new Set(done.map((item) => item.name ?? ''))]);
  const log = $derived([...(read.current ?? [])].reverse());
  const faults = $derived(log.filter((line) => line.fault));
  const clean = $derived(log.filter((line) => !line.fault));
  const drills = $derived(done.flatMap((item) => item.aids ?? []).filter((aid) => aid.kind === 'drill'));
  const promises = $derived((lesson.promises ?? []).filter((promise) => !promise.kept));
</script>

<p class="mb-3 flex gap-2 print:hidden">
  <a class="text-accent underline" href="/lessons/{id}">to the lesson</a>
  <a
    class="ml-auto rounded-xs border border-accent bg-accent px-2.5 py-1 text-sm text-on-accent"
    href="/print/lesson/{id}">Print or PDF</a
  >
</p>
<Failed why={read.failed} />
<article aria-label="Summary" class="max-w-3xl bg-raised p-6 print:p-0">
  <header class="mb-4 border-b-4 border-double border-ink pb-2">
    <h1 class="text-3xl">{lesson.with.name}</h1>
    <p class="text-soft">
      {longDay(lesson.at)}, {timeOf(lesson.at)}{lesson.where ? `, ${lesson.where}` : ''}; {sum(done)} of {lesson.minutes}
      minutes
    </p>
  </header>
  <section class="mb-4">
    <h2 class="mb-1 text-xl">What we did</h2>
    {#each named as name (name)}
      <p class="mb-1">
        {#if name}<b>{name}:</b>{/if}
        {done
          .filter((item) => (item.name ?? '') === name)
          .map((item) => `${STAGES[item.stage].toLowerCase()} (${item.minutes}′)`)
          .join(', ')}
      </p>
    {:else}<p class="text-soft">Nothing has been ticked off as done.</p>{/each}
  </section>
  {#if faults.length > 0}
    <section class="mb-4">
      <h2 class="mb-1 text-xl">To remember</h2>
      <ul>
        {#each faults as line (line.id)}
          <li class={['mb-1 border-l-4 pl-2', line.fault?.role === 'man' ? 'border-man' : 'border-lady']}>
            {#if line.fault?.cue}<b class="font-display text-lg">“{settings.say(line.fault.cue)}”</b>{/if}
            <span class="block text-sm text-soft"
              >{line.name}, step {line.fault?.row}, {settings.role(line.fault?.role ?? '')}: {settings.say(
                line.fault?.seen ?? ''
              )}{line.fault?.cause ? `, because ${line.fault.cause}` : ''}</span
            >
          </li>
        {/each}
      </ul>
    </section>
  {/if}
  {#if clean.length > 0}
    <section class="mb-4">
      <h2 class="mb-1 text-xl">Danced clean</h2>
      {#each clean as line (line.id)}<p>
          {line.name}{line.tempo ? `, at ${line.tempo} bars a minute` : ''}
        </p>{/each}
    </section>
  {/if}
  {#if drills.length > 0}
    <section class="mb-4">
      <h2 class="mb-1 text-xl">At home</h2>
      {#each drills as drill (drill.id)}<p>{drill.name}</p>{/each}
    </section>
  {/if}
  {#if promises.length > 0}
    <section class="mb-4">
      <h2 class="mb-1 text-xl">Next time</h2>
      {#each promises as promise (promise.text)}<p>{promise.text}</p>{/each}
    </section>
  {/if}
  {#if lesson.note}<p class="mb-4 whitespace-pre-line">{lesson.note}</p>{/if}
  <p class="border-t border-line pt-2 text-xs text-soft">
    Practise warmed up, with space, and on shoes that let the foot turn. Pain is a signal to stop; a licensed
    professional comes before any of this.
  </p>
</article>
