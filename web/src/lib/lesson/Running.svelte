<script lang="ts">
  import type { Editor } from '$lib/editing/editor.svelte';
  import JottingLine from '$lib/jotting/JottingLine.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import LessonLog from './LessonLog.svelte';
  import Aids from './Aids.svelte';
  import { begins, clock, desk, opens, STAGES, type Item } from './stages';

  interface Props {
    editor: Editor<'lesson'>;
    onshare: (items: Item[]) => void;
  }

  /** The edge of the floor: large, one tap for done, one line to log. */
  let { editor, onshare }: Props = $props();
  const settings = getSettings();
  const lesson = $derived(editor.state);
  const items = $derived<Item[]>(lesson.items ?? []);
  const now = $derived(items.findIndex((item) => !item.done));
  const at = $derived(begins(items));
  const item = $derived(items[now]);
  const KEY = $derived(`fluidframe.lesson.${editor.id}`);
  // The clock goes on where the page was left for the stage, and wherever the phone was put down.
  let begun = $derived(Number(sessionStorage.getItem(KEY) ?? 0));
  let time = $state(Date.now());
  let kept = $state(0);
  $effect(() => {
    const ticking = setInterval(() => (time = Date.now()), 500);
    return () => clearInterval(ticking);
  });
  const elapsed = $derived(begun ? (time - begun) / 1000 : 0);
  /** Until this part should be over, and until the lesson is. */
  const left = $derived(item ? ((at[now] ?? 0) + item.minutes) * 60 - elapsed : 0);
  const rest = $derived(lesson.minutes * 60 - elapsed);

  function start() {
    begun = Date.now();
    sessionStorage.setItem(KEY, String(begun));
  }

  function done() {
    if (!item) return;
    const next = items.with(now, { ...item, done: true });
    editor.describe(next.every((one) => one.done) ? { items: next, held: true } : { items: next }, `done ${now}`);
  }

  const back = () => {
    const last = items.findLastIndex((one) => one.done);
    if (last >= 0) editor.describe({ items: items.with(last, { ...items[last]!, done: false }), held: false });
  };
  /** What is left of the lesson is shared between the parts that are left. */
  function catchUp() {
    const spent = Math.max(now, Math.round(elapsed / 60));
    const parts = items.map((one, nth) => (nth < now ? one : { ...one, fixed: false }));
    const done = parts.slice(0, now).reduce((sum, one) => sum + one.minutes, 0);
    const last = parts[now - 1];
    if (last) parts[now - 1] = { ...last, minutes: Math.max(1, last.minutes + spent - done) };
    onshare(parts);
  }

  const finish = () => editor.describe({ held: true });
  const onpromise = (text: string) =>
    editor.describe({ promises: [...(lesson.promises ?? []), { text, kept: false }] });
</script>

<div class="grid gap-6 md:grid-cols-[1.5fr_1fr]">
  <section aria-label="Now" class="flex flex-col gap-4">
    <div class="flex items-end justify-between gap-4 border-b border-line pb-2">
      <p class={['font-display text-7xl leading-none tabular-nums', left < 0 && 'text-broken']} role="timer">
        {begun ? clock(left) : `${lesson.minutes}:00`}
      </p>
      <p class="text-right text-soft">
        {#if begun}{rest >= 0 ? `${clock(rest)} left of the lesson` : `${clock(rest)} over`}{:else}
          <Button kind="main" class="px-5 py-3 text-lg" onclick={start}>Start the clock</Button>{/if}
      </p>
    </div>
    {#if item}
      <div>
        <h2 class="text-4xl">{STAGES[item.stage]}</h2>
        {#if item.name}<p class="text-2xl">{item.name}</p>{/if}
        <p class="mt-1 text-lg text-soft">{settings.say(item.why ?? '')}</p>
        <Aids aids={item.aids ?? []} large />
      </div>
      <p class="flex flex-wrap gap-2">
        <Button kind="main" class="px-8 py-4 text-xl" onclick={done}>Done</Button>
        {#if opens(item, lesson.with.id, editor.id)}
          <a
            class="inline-flex items-center border border-strong bg-raised px-5 py-3 text-lg hover:border-accent hover:text-accent"
            href={opens(item, lesson.with.id, editor.id)}>Dance it</a
          >
          <a
            class="inline-flex items-center border border-strong bg-raised px-5 py-3 text-lg hover:border-accent hover:text-accent"
            href={desk(item)}>Chart</a
          >
        {/if}
        <Button class="px-4 text-lg" disabled={now === 0} onclick={back}>Back</Button>
        {#if begun && left < -30}<Button class="px-4 text-lg" onclick={catchUp}>Share the rest of the time anew</Button
          >{/if}
      </p>
      {#if items[now + 1]}<p class="text-soft">
          Then: {STAGES[items[now + 1]!.stage]}{items[now + 1]!.name ? `, ${items[now + 1]!.name}` : ''}
        </p>{/if}
    {:else}
      <h2 class="text-3xl">Everything is done.</h2>
      <p class="flex gap-2">
        <a class="border border-accent bg-accent px-5 py-3 text-lg text-on-accent" href="/lessons/{editor.id}/summary"
          >Summary</a
        >
        <Button class="px-4 text-lg" onclick={back}>Back</Button>
      </p>
    {/if}
    <JottingLine whom={lesson.with.id} lesson={editor.id} {onpromise} onkept={() => kept++} large />
    <LessonLog lesson={editor.id} {kept} onchanged={() => kept++} />
  </section>
  <section aria-label="Running order">
    <ol class="border-t border-line">
      {#each items as one, nth (nth)}
        <li
          aria-current={nth === now ? 'step' : undefined}
          class={[
            'flex gap-3 border-b border-line px-2 py-1.5',
            nth === now && 'border-l-4 border-l-accent bg-sheet font-semibold',
            one.done && 'text-soft line-through'
          ]}
        >
          <span class="w-8 shrink-0 text-right">{one.minutes}′</span>
          <span>{STAGES[one.stage]}{one.name ? `, ${one.name}` : ''}</span>
        </li>
      {/each}
    </ol>
    {#if !lesson.held}<p class="mt-2"><Button onclick={finish}>The lesson is over</Button></p>
    {:else}<p class="mt-2 text-sound">
        Given. <a class="underline" href="/lessons/{editor.id}/summary">Summary to take away</a>
      </p>{/if}
  </section>
</div>
