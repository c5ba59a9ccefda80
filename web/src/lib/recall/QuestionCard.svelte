<script lang="ts">
  import { words } from '$lib/api/words';
  import { api, need, type Schemas } from '$lib/api/client';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import { GRADES, type Grade, type Question } from './asking.svelte';
  import { ASKED } from './words';

  interface Props {
    question: Question;
    /** Whether the answer is typed, in short codes or in words, and not picked. */
    typed: boolean;
    /** In an examination nothing is told before the end. */
    exam?: boolean;
    onanswer: (given: string, grade: Grade, judged?: Schemas['JudgedAnswer']) => void;
  }

  let { question, typed, exam = false, onanswer }: Props = $props();
  const settings = getSettings();
  const FELT = ['Again', 'Hard', 'Good', 'Easy'];
  let given = $state('');
  let judged = $state.raw<Schemas['JudgedAnswer'] | null>(null);
  let why = $state('');
  let busy = false;
  const picks = $derived(!typed || question.ask === 'follows');
  const right = $derived(judged?.verdict === 'right');

  async function answer(text: string) {
    if (busy || judged) return;
    given = text.trim();
    if (exam) return onanswer(given, 'good');
    busy = true;
    try {
      const found = await need(api.POST('/api/recall/judge', { body: { card: question.id, given } }));
      why = found.verdict === 'unread' ? found.why : '';
      if (found.verdict !== 'unread') judged = found;
    } catch (e) {
      why = words(e);
    } finally {
      busy = false;
    }
  }

  const go = (grade: Grade) => judged && onanswer(given, grade, judged);

  function onkeydown(event: KeyboardEvent) {
    // A key held down answers once, not question after question.
    if (event.repeat || event.ctrlKey || event.metaKey || event.altKey) return;
    const typing = event.target instanceof HTMLInputElement || event.target instanceof HTMLSelectElement;
    const nth = Number(event.key) - 1;
    // A link or button that has the focus does what it says.
    const own = event.target instanceof HTMLAnchorElement || event.target instanceof HTMLButtonElement;
    if (judged && event.key === 'Enter' && !own) go(right ? 'good' : 'again');
    else if (judged && right && GRADES[nth] && !typing) go(GRADES[nth]);
    else if (!judged && picks && question.choices[nth] !== undefined && !typing) void answer(question.choices[nth]!);
    else if (!judged && event.key === '0' && !typing) void answer('');
    else return;
    event.preventDefault();
  }

  function submit(event: SubmitEvent) {
    event.preventDefault();
    void answer(given);
  }

  const focused = (node: HTMLInputElement) => node.focus();
</script>

<svelte:window {onkeydown} />

<article aria-label="Question" class="flex flex-col gap-4">
  <header class={['border-l-8 pl-4', question.role === 'man' ? 'border-man' : 'border-lady']}>
    <p class="text-soft">
      {question.dance.replaceAll('-', ' ')}{question.ask === 'follows' ? '' : `, ${settings.role(question.role)}`}
    </p>
    <h2 class="text-4xl">{question.name}</h2>
    {#if question.given}<p class="mt-1 text-xl">
        {#if question.row > 0}<span class="text-soft">step {question.row}:</span>{/if}
        {settings.say(question.given)}
      </p>{/if}
  </header>
  <h3 class="font-display text-2xl">{ASKED[question.ask]}</h3>
  {#if picks}
    <ol class="grid gap-2 sm:grid-cols-2">
      {#each question.choices as choice, nth (choice)}
        {@const isAnswer = judged?.answer === choice}
        <li>
          <button
            type="button"
            disabled={judged !== null}
            onclick={() => answer(choice)}
            class={[
              'flex w-full items-baseline gap-3 border bg-raised px-4 py-3 text-left text-lg',
              isAnswer && 'border-sound font-semibold text-sound',
              judged && !isAnswer && choice === given && 'border-broken text-broken line-through',
              !judged && 'border-strong hover:border-accent hover:text-accent',
              judged && !isAnswer && choice !== given && 'border-line text-soft'
            ]}
          >
            <span class="font-display text-soft" aria-hidden="true">{nth + 1}</span>
            <span>{settings.say(choice)}</span>
          </button>
        </li>
      {/each}
    </ol>
  {:else if !judged}
    <form onsubmit={submit} class="flex gap-2">
      <input
        bind:value={given}
        use:focused
        aria-label="Your answer"
        aria-describedby="how-to-answer"
        autocomplete="off"
        spellcheck="false"
        maxlength="120"
        class="min-w-0 grow rounded-xs border border-strong bg-raised px-3 py-2 text-xl"
      />
      <Button kind="main" type="submit" class="px-5 text-lg">Answer</Button>
    </form>
    <p id="how-to-answer" class="text-sm text-soft">
      In words or in the short codes of the desk: “quarter right”, “1/4 R” and “2r” are the same. Nothing means that you
      do not know.
    </p>
  {/if}
  {#if why}<p role="alert" class="text-broken">{why}</p>{/if}
  {#if judged}
    <section aria-label="Verdict" role="status" class="flex flex-col gap-3 border-t border-line pt-3">
      <p class="text-xl">
        {#if right}<b class="text-sound">Right.</b> {picks ? '' : settings.say(judged.answer ?? '')}
        {:else}<b class="text-broken">{given ? 'Not so.' : 'It is'}</b>
          {settings.say(judged.answer ?? '')}{/if}
        <a
          class="ml-2 text-sm text-accent underline"
          href="/figures/{question.figure}{question.row > 0 ? `?row=${question.row}&role=${question.role}` : ''}"
          >in the chart</a
        >
      </p>
      <p class="flex flex-wrap gap-2">
        {#if right}
          {#each GRADES as grade, nth (grade)}
            <Button kind={grade === 'good' ? 'main' : 'plain'} class="px-4 py-2" onclick={() => go(grade)}
              ><span class="opacity-70">{nth + 1}</span> {FELT[nth]}</Button
            >
          {/each}
        {:else}<Button kind="main" class="px-5 py-2" onclick={() => go('again')}>Go on; it comes again</Button>{/if}
      </p>
    </section>
  {:else if picks && !exam}
    <p class="text-sm text-soft">
      1 to {question.choices.length} answer,
      <button type="button" class="underline" onclick={() => answer('')}>0 if you do not know</button>.
    </p>
  {/if}
</article>
