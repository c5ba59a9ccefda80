<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type RoleName, type Schemas } from '$lib/api/client';
  import { shortDay } from '$lib/api/days';
  import { getSettings } from '$lib/settings/settings.svelte';
  import { isShortcut } from '$lib/shell/typing';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import SwitchRow from '$lib/ui/SwitchRow.svelte';

  interface Props {
    /** Id of the couple or group that is meant where the line names nobody. */
    whom?: string;
    /** Id of the figure or routine that is meant where the line names none. */
    subject?: string;
    lesson?: string;
    /** In a lesson a promise goes into the lesson that is open here, not past it. */
    onpromise?: (text: string) => void;
    /** Likewise a note, where the page at hand is theirs. */
    onnote?: (text: string) => void;
    onkept?: () => void;
    large?: boolean;
  }

  /** One line for anything that was seen, taught, promised or noted; shown as understood before it is kept. */
  let { whom, subject, lesson, onpromise, onnote, onkept, large = false }: Props = $props();
  const settings = getSettings();
  const keeping = new Attempt();
  const reading = new Attempt();
  const SOON = 200;
  type Chosen = Pick<Schemas['JottingWanted'], 'whom' | 'subject' | 'row' | 'role'>;
  let line = $state('');
  let chosen = $state<Chosen>({});
  let read = $state.raw<Schemas['JottingView'] | null>(null);
  let kept = $state.raw<Schemas['JottingKept'] | null>(null);
  let field = $state<HTMLInputElement>();
  let timer: ReturnType<typeof setTimeout> | undefined;
  let asked = 0;
  let sending = false;

  const wanted = (): Schemas['JottingWanted'] => ({
    line: line.trim(),
    dance: settings.dance,
    ...(lesson ? { lesson } : {}),
    ...chosen
  });

  function typed() {
    clearTimeout(timer);
    kept = null;
    chosen = {};
    if (line.trim() === '') {
      asked++;
      read = null;
      return;
    }
    timer = setTimeout(() => void understand(), SOON);
  }

  /** The latest line wins; a couple that is at hand is meant where nobody is named. Nothing where it failed or was overtaken. */
  async function understand(): Promise<Schemas['JottingView'] | null> {
    clearTimeout(timer);
    const mine = ++asked;
    let understood: Schemas['JottingView'] | null = null;
    await reading.run(async () => {
      let view = await need(api.POST('/api/jottings/read', { body: wanted() }));
      const atHand = {
        ...(!view.whom && whom && !chosen.whom ? { whom } : {}),
        ...(!view.subject && subject && !chosen.subject ? { subject } : {})
      };
      if (Object.keys(atHand).length > 0 && mine === asked) {
        chosen = { ...chosen, ...atHand };
        view = await need(api.POST('/api/jottings/read', { body: wanted() }));
      }
      if (mine === asked) read = understood = view;
    });
    return understood;
  }

  function choose(more: Chosen) {
    chosen = { ...chosen, ...more };
    void understand();
  }

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    if (sending || line.trim() === '') return;
    sending = true;
    try {
      const asTyped = line;
      const view = await understand();
      // What has been changed meanwhile is to be seen as understood first.
      if (!view || view.missing.length > 0 || line !== asTyped) return;
      const body = wanted();
      const here = { promise: onpromise, note: onnote }[view.kind];
      if (here && (!whom || view.whom?.id === whom)) {
        here(view.seen);
        done(
          { into: view.kind, more: [], message: view.kind === 'note' ? 'Noted.' : 'Promised for next time.' },
          body.line
        );
        return;
      }
      await keeping.run(async () => done(await need(api.POST('/api/jottings', { body })), body.line));
    } finally {
      sending = false;
    }
  }

  /** What has been typed meanwhile stays. */
  function done(answer: Schemas['JottingKept'], sent: string) {
    kept = answer;
    if (line.trim() === sent) {
      clearTimeout(timer);
      line = '';
      read = null;
      chosen = {};
      asked++;
    }
    onkept?.();
  }

  async function takeBack() {
    if (kept?.id === undefined) return;
    const { into, id, more, message } = kept;
    await keeping.run(async () => {
      if (into === 'log') {
        // What could not be taken back stays to be taken back once more.
        for (let left = [id, ...more]; left.length > 0; left = left.slice(1)) {
          const [first = id, ...rest] = left;
          kept = { into, id: first, more: rest, message };
          await need(api.DELETE('/api/log/{id}', { params: { path: { id: first } } }));
        }
      } else {
        const params = { path: { whom: whom ?? 'anybody', number: id } };
        await need(api.DELETE('/api/records/{whom}/taught/{number}', { params }));
      }
      kept = { into, more: [], message: 'Taken back.' };
      onkept?.();
    });
  }

  function focus(event: KeyboardEvent) {
    if (event.target instanceof HTMLSelectElement || !isShortcut(event, 'j')) return;
    event.preventDefault();
    field?.focus();
  }

  const KINDS: Record<string, string> = {
    fault: 'a fault',
    clean: 'a clean run',
    taught: 'taught',
    promise: 'for next time',
    note: 'a note'
  };
  const chip = 'border border-line bg-raised px-1.5 py-0.5';
</script>

<svelte:window onkeydown={focus} />

<form aria-label="A line" onsubmit={keep} class="flex flex-col gap-1.5 print:hidden">
  <div class="flex gap-2">
    <input
      bind:this={field}
      bind:value={line}
      oninput={typed}
      aria-label="What was seen, taught or promised"
      data-autofocus={subject ? '' : undefined}
      placeholder="{whom ? '' : 'ines tobin, '}{subject
        ? ''
        : 'natural spin turn '}5 lady heel early, wait for the knee"
      maxlength="300"
      autocomplete="off"
      class={[
        'min-w-0 grow rounded-xs border border-strong bg-raised px-3 text-ellipsis',
        large ? 'py-2.5 text-lg' : 'py-1.5'
      ]}
    />
    <Button kind="main" type="submit" disabled={!read || read.missing.length > 0}>Keep</Button>
  </div>
  <Failed why={keeping.failed || reading.failed} small />
  {#if read}
    <div aria-label="As understood" role="group" class="flex flex-wrap items-center gap-1.5 text-sm">
      <strong>{KINDS[read.kind]}</strong>
      {#if read.whom}
        {#if read.people.length > 1 && !chosen.whom}
          <select
            aria-label="Who"
            class={chip}
            value={read.whom.id}
            onchange={(e) => choose({ whom: e.currentTarget.value })}
          >
            {#each read.people as person (person.id)}<option value={person.id}>{person.name}</option>{/each}
          </select>
        {:else}<span class={chip}>{read.whom.name}</span>{/if}
      {/if}
      {#if read.subject}
        {#if read.subjects.length > 1}
          <select
            aria-label="What"
            class={chip}
            value={read.subject.id}
            onchange={(e) => choose({ subject: e.currentTarget.value })}
          >
            {#each read.subjects as subject (subject.id)}<option value={subject.id}
                >{subject.name}{subject.dance ? `, ${subject.dance}` : ''}</option
              >{/each}
          </select>
        {:else}<span class={chip}>{read.subject.name}{read.subject.dance ? `, ${read.subject.dance}` : ''}</span>{/if}
      {/if}
      {#if read.kind === 'fault'}
        {#if read.bar > 0}<span class={chip}>bar {read.bar}</span>{/if}
        {#if read.subject && read.subject.rows > 0}
          <label class={chip}
            >step <select value={read.row} onchange={(e) => choose({ row: Number(e.currentTarget.value) })}>
              {#if read.row === 0}<option value={0}>?</option>{/if}
              {#each Array.from({ length: Math.max(read.subject.rows, read.row) }).keys() as nth (nth)}<option
                  value={nth + 1}>{nth + 1}</option
                >{/each}
            </select></label
          >
        {/if}
        <SwitchRow
          label="Whose"
          value={read.role ?? ''}
          options={(['man', 'lady'] as RoleName[]).map((role) => ({ value: role, label: settings.Role(role) }))}
          onpick={(role) => choose({ role })}
        />
      {/if}
      {#if read.seen}<span class={[chip, 'border-broken text-broken']} class:text-ink={read.kind !== 'fault'}
          >{read.seen}</span
        >{/if}
      {#if read.cause}<span class="text-soft">because {read.cause}</span>{/if}
      {#if read.cue}<i>“{read.cue}”</i>{/if}
      {#if read.tempo !== undefined}<span class={chip}>{read.tempo} bars a minute</span>{/if}
      {#if read.of > 1}<span class={chip}>{read.times} of {read.of} runs</span>{/if}
      {#if read.otherSide}<span class={chip}>other side</span>{/if}
      <span class="text-soft">{shortDay(read.date)}</span>
    </div>
    {#each read.missing as sentence (sentence)}<p class="text-sm text-doubtful">{settings.say(sentence)}.</p>{/each}
  {:else if kept}
    <p role="status" class="text-sm">
      {kept.message}
      {#if kept.id !== undefined}<button type="button" class="text-accent underline" onclick={takeBack}
          >Take back</button
        >{/if}
    </p>
  {/if}
</form>
