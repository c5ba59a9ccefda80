<script lang="ts">
  import { page } from '$app/state';
  import { words } from '$lib/api/words';
  import { api, need, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import RehearseLinks from '$lib/stage/RehearseLinks.svelte';
  import { longDay, dayHere } from '$lib/api/days';
  import { Asking, type Grade } from './asking.svelte';
  import Exam from './Exam.svelte';
  import Progress from './Progress.svelte';
  import QuestionCard from './QuestionCard.svelte';
  import Setup, { type Wanted } from './Setup.svelte';

  /** What the charts ask, when it is about to be forgotten; answered by keys alone. */
  const KEY = 'fluidframe.recall';
  const USUAL: Wanted = { who: '', dance: 'all', role: '', ask: [], level: '', typed: false, most: 20, share: 0.9 };
  function remembered(): Partial<Wanted> {
    try {
      return JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Wanted>;
    } catch {
      return {};
    }
  }

  const dances = (page.data as { dances: Schemas['DanceView'][] }).dances;
  let wanted = $state<Wanted>({ ...USUAL, ...remembered() });
  let asking = $state.raw<Asking | null>(null);
  /** The sitting that was begun: until the next one has been read, nothing is asked from it again. */
  let asked = $state.raw<Schemas['SittingView']>();
  let paper = $state.raw<Schemas['QuestionView'][] | null>(null);
  let failed = $state('');
  let said = $state('');
  let kept = $state(0);
  let sending = false;

  const query = $derived({
    dance: wanted.dance,
    role: wanted.role,
    ask: wanted.ask,
    level: wanted.level,
    most: wanted.most
  });
  const ahead = loaded(
    () => ({ query, who: wanted.who, wanted: wanted.share, kept }),
    ({ query, who, wanted }) => need(api.GET('/api/recall/sitting', { params: { query: { ...query, who, wanted } } }))
  );
  const sitting = $derived(ahead.current);

  function set(next: Wanted) {
    wanted = next;
    localStorage.setItem(KEY, JSON.stringify(next));
  }

  function begin() {
    said = '';
    asked = sitting;
    asking = new Asking(sitting?.questions ?? []);
  }

  async function examine() {
    try {
      const seed = Math.floor(Math.random() * 1e9);
      paper = await need(api.GET('/api/recall/paper', { params: { query: { ...query, seed } } }));
    } catch (e) {
      failed = words(e);
    }
  }

  async function answered(given: string, grade: Grade, judged?: Schemas['JudgedAnswer']) {
    const question = asking?.current;
    // What is on its way is not sent twice.
    if (!asking || !question || sending) return;
    sending = true;
    failed = '';
    try {
      const body = { who: wanted.who, card: question.id, given, grade, wanted: wanted.share };
      const { days, stability } = await need(api.POST('/api/recall/answers', { body }));
      const holds = `nine in ten such answers hold for ${stability < 10 ? stability : Math.round(stability)} days`;
      said = days > 0 ? `Asked again in ${days === 1 ? 'a day' : `${days} days`}; ${holds}.` : 'It comes again.';
      asking.next(judged?.verdict !== 'right' || grade === 'again');
      if (!asking.current) kept++;
    } catch (e) {
      failed = words(e);
    } finally {
      sending = false;
    }
  }

  function stop() {
    asking = null;
    paper = null;
    kept++;
  }
</script>

<RehearseLinks here="/recall" />
<header class="mb-4 flex flex-wrap items-end gap-4 border-b-2 border-ink pb-2">
  <h1 class="text-3xl">Recall</h1>
  {#if asking}
    <p class="text-soft">{asking.answered} answered, {asking.left} to go</p>
    <Button class="ml-auto" onclick={stop}>{asking.current ? 'Stop here' : 'Back'}</Button>
  {:else if paper}<Button class="ml-auto" onclick={stop}>Leave the examination</Button>{/if}
</header>
<Failed why={failed || ahead.failed} />
{#if paper}
  <Exam questions={paper} who={wanted.who} typed={wanted.typed} />
{:else if asking?.current}
  {@const current = asking.current}
  <div class="max-w-3xl">
    {#key `${current.id} ${asking.answered}`}<QuestionCard
        question={current}
        typed={wanted.typed}
        onanswer={answered}
      />{/key}
    <p class="mt-4 text-sm text-soft" role="status" aria-label="Last answer">{said}</p>
  </div>
{:else if asking}
  <section aria-label="Done" class="max-w-prose">
    <h2 class="mb-2 text-2xl">Done for now.</h2>
    <p class="mb-4 text-lg">
      {asking.answered} answers, {asking.missed} of them missed and asked again.
      {#if sitting?.next}The next one is due on {longDay(dayHere(sitting.next))}.{/if}
    </p>
    <p class="flex gap-2">
      <Button kind="main" onclick={begin} disabled={!sitting?.questions.length || sitting === asked}
        >Another sitting</Button
      >
      <Button onclick={stop}>Back</Button>
    </p>
  </section>
{:else}
  <div class="grid gap-8 lg:grid-cols-[1fr_1.3fr]">
    <div>
      <Setup {wanted} {dances} onset={set} />
      <p class="mt-4 text-lg" role="status" aria-label="What is due">
        {#if sitting}
          {#if sitting.due + sitting.fresh === 0}
            {sitting.next
              ? `Nothing is due before ${longDay(dayHere(sitting.next))}.`
              : 'No chart answers such a question.'}
          {:else}<b>{sitting.due}</b> due, {sitting.fresh} never asked.{/if}
        {:else if !ahead.failed}Drawing the questions …{/if}
      </p>
      <p class="mt-2 flex flex-wrap gap-2">
        <Button kind="main" class="px-6 py-3 text-lg" disabled={!sitting?.questions.length} onclick={begin}
          >Ask {sitting?.questions.length ?? 0}</Button
        >
        <Button class="px-4" disabled={!sitting || sitting.due + sitting.fresh === 0} onclick={examine}
          >Mock examination</Button
        >
      </p>
    </div>
    <Progress who={wanted.who} {dances} {kept} />
  </div>
{/if}
