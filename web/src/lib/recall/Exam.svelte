<script lang="ts">
  import { words } from '$lib/api/words';
  import { api, need, type Schemas } from '$lib/api/client';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import type { Question } from './asking.svelte';
  import QuestionCard from './QuestionCard.svelte';
  import { KINDS } from './words';

  interface Props {
    questions: readonly Question[];
    who: string;
    typed: boolean;
  }

  /** A mock examination: nothing is told before the end, then the mark sheet is. */
  let { questions, who, typed }: Props = $props();
  const settings = getSettings();
  let answers = $state.raw<{ card: string; given: string }[]>([]);
  let sheet = $state.raw<Schemas['ExamSheet'] | null>(null);
  let failed = $state('');
  const current = $derived(questions[answers.length]);
  /** With fewer answers, or beside another that is as weak, nothing is called the weakest. */
  const ENOUGH = 5;
  const weakest = $derived(
    sheet?.marks.find(
      (one) =>
        one.of >= ENOUGH && sheet?.marks.every((other) => other === one || other.sound * one.of > one.sound * other.of)
    )
  );

  function answered(given: string) {
    if (!current) return;
    answers = [...answers, { card: current.id, given }];
    if (answers.length === questions.length) void mark();
  }

  async function mark() {
    failed = '';
    try {
      sheet = await need(api.POST('/api/recall/marks', { body: { who, answers } }));
    } catch (e) {
      failed = words(e);
    }
  }
</script>

<Failed why={failed} />
{#if sheet}
  <article aria-label="Mark sheet" class="max-w-4xl">
    <h2 class="mb-2 text-2xl">{sheet.sound} of {sheet.of} right</h2>
    <table class="mb-4 text-sm">
      <caption class="sr-only">Marks by column</caption>
      <tbody>
        {#each sheet.marks as mark (mark.ask)}
          <tr class={['border-t border-line', mark === weakest && 'text-broken']}>
            <th class="py-1 pr-4 text-left font-semibold">{KINDS[mark.ask]}</th>
            <td class="pr-4">{mark.sound} of {mark.of}</td>
            <td class="text-soft"
              >so few say {Math.round(mark.low * 100)} to {Math.round(mark.high * 100)} of 100{mark === weakest
                ? '; the weakest'
                : ''}</td
            >
          </tr>
        {/each}
      </tbody>
    </table>
    <table class="w-full text-sm">
      <caption class="sr-only">Every answer</caption>
      <thead class="text-left text-soft"
        ><tr
          ><th class="font-normal">Question</th><th class="font-normal">Answer</th><th class="font-normal"
            >In the chart</th
          ></tr
        ></thead
      >
      <tbody>
        {#each sheet.lines as line (line.card)}
          <tr class="border-t border-line align-top">
            <td class="py-1 pr-3"
              ><a class="font-semibold hover:text-accent" href="/figures/{line.figure}">{line.name}</a>
              <span class="text-soft"
                >{KINDS[line.ask]?.toLowerCase()}{line.row > 0
                  ? `, ${settings.role(line.role)}, step ${line.row}`
                  : ''}</span
              ></td
            >
            <td class={['py-1 pr-3', line.sound ? 'text-sound' : 'text-broken']}
              >{line.sound ? '✓' : '✗'} {settings.say(line.given) || 'nothing'}</td
            >
            <td class="py-1">{settings.say(line.answer)}</td>
          </tr>
        {/each}
      </tbody>
    </table>
  </article>
{:else if current}
  <p class="mb-3 text-soft">Question {answers.length + 1} of {questions.length}; marked at the end.</p>
  <div class="max-w-3xl">
    {#key current.id}<QuestionCard question={current} {typed} exam onanswer={answered} />{/key}
    <p class="mt-4"><Button kind="quiet" onclick={() => answered('')}>No answer</Button></p>
  </div>
{:else if failed}<Button kind="main" onclick={mark}>Mark it once more</Button>
{:else}<p class="text-soft">Being marked …</p>{/if}
