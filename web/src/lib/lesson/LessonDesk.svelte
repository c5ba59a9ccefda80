<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas } from '$lib/api/client';
  import { longDay, timeOf } from '$lib/api/days';
  import { loaded } from '$lib/api/loaded.svelte';
  import { Editor } from '$lib/editing/editor.svelte';
  import EditorBar from '$lib/editing/EditorBar.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import Plan from './Plan.svelte';
  import Promises from './Promises.svelte';
  import Running from './Running.svelte';
  import { sum, type Item } from './stages';
  import Topics from './Topics.svelte';

  /** A lesson: planned, given with a clock, and summed up. */
  let { view }: { view: Schemas['LessonView'] } = $props();
  const settings = getSettings();
  // The desk is made anew for every lesson.
  // svelte-ignore state_referenced_locally
  const editor = new Editor('lesson', view);
  void editor.recover();
  const attempt = new Attempt();
  const lesson = $derived(editor.state);
  const items = $derived<Item[]>(lesson.items ?? []);
  // From the stage one comes back to the lesson as it goes on.
  let running = $state(page.url.searchParams.has('give'));
  const DEPTHS = ['First steps: feet, count, turn', 'With footwork and lead', 'Everything, body included'];
  const field = 'rounded-xs border border-strong bg-raised px-2 py-1';

  const before = loaded(
    () => ({ whom: lesson.with.id, at: lesson.at }),
    ({ whom, at }) => need(api.GET('/api/lessons/promised', { params: { query: { whom, before: at.slice(0, 10) } } }))
  );

  const plan = () =>
    attempt.run(async () => {
      const { document } = await need(api.POST('/api/lesson-plans', { body: lesson }));
      editor.change({ ...lesson, items: document.items, leftOut: document.leftOut });
    });

  let asked = 0;

  /** What was done to the plan stands at once; then its minutes are shared out anew, or it is said why they cannot be. */
  async function share(next: Item[], group = `plan ${asked + 1}`) {
    const mine = ++asked;
    editor.describe({ items: next }, group);
    if (next.length === 0) return;
    const body = editor.state;
    await attempt.run(async () => {
      const { document } = await need(api.POST('/api/lessons/shared', { body }));
      // Only the latest answer counts, and only for the plan that it is of.
      if (mine === asked && editor.state.items === next) editor.describe({ items: document.items ?? [] }, group);
    });
  }

  function minutes(text: string) {
    const wanted = Number(text);
    if (!Number.isInteger(wanted) || wanted < 5 || wanted > 480) return;
    editor.describe({ minutes: wanted });
    if (items.length > 0) void share(items, 'minutes');
  }
</script>

<h1 class="sr-only">{lesson.with.name}, {longDay(lesson.at)}</h1>
<header class="mb-3 flex flex-wrap items-end gap-x-4 gap-y-2 border-b-2 border-ink pb-2">
  <p class="font-display text-3xl">
    <a class="hover:text-accent" href="/people/{lesson.with.id}">{lesson.with.name}</a>
    <span class="text-lg text-soft">{longDay(lesson.at)}, {timeOf(lesson.at)}</span>
  </p>
  <EditorBar {editor} onremoved={() => void goto('/lessons')}>
    {#snippet main()}
      <a
        class="inline-flex items-center rounded-xs border border-strong bg-raised px-2.5 py-1 text-sm hover:border-accent hover:text-accent"
        href="/lessons/{editor.id}/summary">Summary</a
      >
      {#if items.length > 0}<Button kind="main" aria-pressed={running} onclick={() => (running = !running)}
          >{running ? 'Back to the plan' : 'Give the lesson'}</Button
        >{/if}
    {/snippet}
  </EditorBar>
</header>
<Failed why={attempt.failed || before.failed} />
{#if running}
  <Running {editor} onshare={share} />
{:else}
  <div class="grid gap-8 lg:grid-cols-[1fr_1.7fr]">
    <div class="flex min-w-0 flex-col gap-5">
      <section aria-label="When and how long" class="flex flex-wrap items-end gap-3 text-sm">
        <label class="flex flex-col gap-1"
          >When <input
            type="datetime-local"
            value={lesson.at}
            onchange={(e) => e.currentTarget.value && editor.describe({ at: e.currentTarget.value.slice(0, 16) })}
            class={field}
          /></label
        >
        <label class="flex flex-col gap-1"
          >Minutes <input
            type="number"
            min="5"
            max="480"
            value={lesson.minutes}
            onchange={(e) => minutes(e.currentTarget.value)}
            class="{field} w-20"
          /></label
        >
        <label class="flex flex-col gap-1"
          >Where <input
            value={lesson.where ?? ''}
            maxlength="120"
            oninput={(e) => editor.describe({ where: e.currentTarget.value })}
            class="{field} w-36"
          /></label
        >
        <label class="flex flex-col gap-1"
          >How much detail <select
            value={lesson.depth ?? 2}
            onchange={(e) => editor.describe({ depth: Number(e.currentTarget.value) })}
            class={field}
          >
            {#each DEPTHS as words, depth (depth)}<option value={depth}>{words}</option>{/each}
          </select></label
        >
      </section>
      <Topics {editor} />
      {#if before.current?.promises.length}
        <section aria-label="Promised last time" class="border-l-4 border-accent pl-3 text-sm">
          <h2 class="text-lg">Promised last time</h2>
          {#each before.current.promises as text (text)}<p>{text}</p>{/each}
        </section>
      {/if}
      <Promises {editor} />
      <label class="flex flex-col gap-1"
        ><span class="font-display text-lg">Notes</span>
        <textarea
          rows="3"
          maxlength="2000"
          value={lesson.note ?? ''}
          oninput={(e) => editor.describe({ note: e.currentTarget.value })}
          class="{field} text-sm"></textarea></label
      >
    </div>
    <section aria-label="Plan" class="min-w-0">
      <div class="mb-2 flex flex-wrap items-baseline gap-3">
        <h2 class="text-xl">Plan</h2>
        {#if items.length > 0}<span class={['text-sm', sum(items) === lesson.minutes ? 'text-soft' : 'text-broken']}
            >{sum(items)} of {lesson.minutes} minutes</span
          >{/if}
        <Button kind={items.length === 0 ? 'main' : 'plain'} class="ml-auto" onclick={plan}
          >{items.length === 0 ? 'Propose a plan' : 'Propose anew'}</Button
        >
      </div>
      <Plan {items} lesson={editor.id} whom={lesson.with.id} onchange={share} />
      {#each lesson.leftOut ?? [] as sentence (sentence)}<p class="mt-1 text-sm text-soft">
          Left out: {settings.say(sentence)}
        </p>{/each}
      <p class="mt-3 max-w-prose text-xs text-soft">
        Warm up first, leave space, and stop where anything hurts: pain is a signal to stop. Advice of a licensed
        professional comes before any plan.
      </p>
    </section>
  </div>
{/if}
