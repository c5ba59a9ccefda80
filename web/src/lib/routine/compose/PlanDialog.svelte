<script lang="ts">
  import { untrack } from 'svelte';
  import { api, need, type FigureSummary, type Schemas } from '$lib/api/client';
  import { words } from '$lib/api/words';
  import Button from '$lib/ui/Button.svelte';
  import Dialog from '$lib/ui/Dialog.svelte';
  import { getRoutineEditor } from '$lib/routine/routine-editor.svelte';
  import type { Levels } from '$lib/list/levels';
  import { readingList } from '$lib/list/reading-list';
  import { getSettings } from '$lib/settings/settings.svelte';
  import { follow, giveUp } from './job';
  import { told } from './plan-words';
  import FigureChips from './FigureChips.svelte';
  import FigureLimits from './FigureLimits.svelte';
  import ProposalStrip from './ProposalStrip.svelte';

  const editor = getRoutineEditor();
  const settings = getSettings();
  let open = $state(false);
  let figures = $state.raw<FigureSummary[]>([]);
  let levels = $state.raw<Levels>([]);
  let bars = $state(16);
  let first = $state('');
  let last = $state('');
  let closes = $state(false);
  let upTo = $state('');
  let required = $state<string[]>([]);
  let highlights = $state<string[]>([]);
  /** Whether it has to go along one long side, round the corner and along a short one. */
  let round = $state(false);
  let long = $state(0);
  let short = $state(0);
  let eachAtMost = $state(2);
  let wanted = $state(4);
  let limits = $state<Record<string, number>>({});
  let weights = $state({ customary: 3, highlight: 5, variety: 4, travel: 1, sides: 1 });
  const WEIGHTS = [
    ['customary', 'customary join'],
    ['highlight', 'highlight on a phrase'],
    ['variety', 'off for a figure after itself'],
    ['travel', 'metre along the line'],
    ['sides', 'change of turning side']
  ] as const;
  let view = $state.raw<Schemas['PlanView'] | null>(null);
  let failed = $state('');
  let job = $state.raw<Schemas['JobView'] | null>(null);
  let watching = new AbortController();
  const working = $derived(view?.state === 'waiting' || view?.state === 'working');

  async function show() {
    open = true;
    [view, failed] = [null, ''];
    const now = Math.round(editor.work?.bars ?? 0);
    bars = now >= 2 ? now : 16;
    [long = 0, short = 0] = editor.work?.courseSides ?? [];
    try {
      const [found, list] = await Promise.all([
        need(api.GET('/api/figures', { params: { query: { dance: editor.routine.dance } } })),
        readingList(settings)
      ]);
      [figures, levels] = [found.filter((figure) => figure.solo === ''), list.levels];
    } catch (error) {
      failed = words(error);
    }
  }

  /** Figures up to the level chosen; none named means all. */
  function allowed(): string[] {
    if (!upTo) return [];
    const until = levels.findIndex((level) => level.name === upTo);
    const listed = new Set(levels.slice(0, until + 1).flatMap((level) => level.figures));
    return figures.map((figure) => figure.id).filter((id) => listed.has(id) || required.includes(id));
  }

  async function compose() {
    [view, job, failed] = [null, null, ''];
    try {
      view = await need(
        api.POST('/api/plans', {
          body: {
            dance: editor.routine.dance,
            bars,
            allowed: allowed(),
            required,
            atMost: limits,
            eachAtMost,
            first,
            last,
            closes,
            phraseBars: editor.routine.phraseBars ?? 8,
            highlights,
            weights,
            ...(round && { course: { sides: [long, short], tolerance: 2 } }),
            wanted
          }
        })
      );
      const { id } = view;
      // Closed while it was being asked for.
      if (!open) return await giveUp(id);
      watching = new AbortController();
      await follow(id, (told) => (job = told), watching.signal);
      view = await need(api.GET('/api/plans/{id}', { params: { path: { id } } }));
      if (view.state === 'failed') failed = view.message;
    } catch (error) {
      failed = words(error);
    }
  }

  /** A dialog that has been closed wants no answer, and the worker is free for the next. */
  $effect(() => {
    if (open) return;
    untrack(() => {
      watching.abort();
      if (working && view) void giveUp(view.id).catch(() => undefined);
    });
  });

  function take(proposal: Schemas['ProposalView']) {
    editor.take(proposal.figures);
    open = false;
  }

  const question = 'mb-1 w-full border-b border-line font-semibold';
  const field = 'rounded-xs border border-line bg-raised px-1.5 py-1 text-sm';
</script>

<Button onclick={() => void show()}>Compose</Button>
<Dialog bind:open title="Compose from a plan" wide="strip">
  <form
    onsubmit={(event) => {
      event.preventDefault();
      void compose();
    }}
    class="grid gap-x-8 gap-y-3 text-sm lg:grid-cols-2"
  >
    <fieldset class="flex flex-wrap items-end gap-x-4 gap-y-2">
      <legend class={question}>How long, and from where to where?</legend>
      <label
        >Bars
        <input data-autofocus type="number" min="1" max="128" bind:value={bars} class={[field, 'w-20']} /></label
      >
      <span class="text-soft">{Number(((bars * 60) / editor.routine.tempo).toFixed(1))} s</span>
      <label
        >begins with
        <select bind:value={first} class={field}>
          <option value="">anything</option>
          {#each figures as figure (figure.id)}<option value={figure.id}>{figure.name}</option>{/each}
        </select></label
      >
      <label
        >ends with
        <select bind:value={last} class={field}>
          <option value="">anything</option>
          {#each figures as figure (figure.id)}<option value={figure.id}>{figure.name}</option>{/each}
        </select></label
      >
      <label class="flex items-center gap-1"><input type="checkbox" bind:checked={closes} /> can be danced again</label>
    </fieldset>
    <fieldset class="flex flex-wrap items-end gap-x-4 gap-y-2">
      <legend class={question}>What may be in it, and how often?</legend>
      <label
        >up to level
        <select bind:value={upTo} class={field}>
          <option value="">any</option>
          {#each levels as level, nth (nth)}<option>{level.name}</option>{/each}
        </select></label
      >
      <label
        >each figure at most <input
          type="number"
          min="0"
          max="16"
          bind:value={eachAtMost}
          class={[field, 'w-14 text-right']}
        /> times (0: as often as fits);</label
      >
      <FigureLimits {figures} bind:limits />
    </fieldset>
    <fieldset class="flex flex-wrap items-center gap-2">
      <legend class={question}>What must be in it, and what is to be seen?</legend>
      <FigureChips
        label="must have"
        prompt="add a figure"
        without="no longer required"
        {figures}
        bind:chosen={required}
        most={8}
      />
      <FigureChips
        label="highlight"
        prompt="begin a phrase with"
        without="no highlight"
        {figures}
        bind:chosen={highlights}
      />
    </fieldset>
    <fieldset class="flex flex-wrap items-center gap-2">
      <legend class={question}>Where on the floor?</legend>
      <label class="flex items-center gap-1"><input type="checkbox" bind:checked={round} /> round a corner:</label>
      <label
        ><input
          type="number"
          aria-label="Metres along the long side"
          min="2"
          max="60"
          bind:value={long}
          disabled={!round}
          class={[field, 'w-16 text-right']}
        /> m of the long side,</label
      >
      <label
        ><input
          type="number"
          aria-label="Metres along the short side"
          min="2"
          max="60"
          bind:value={short}
          disabled={!round}
          class={[field, 'w-16 text-right']}
        /> m of the short</label
      >
    </fieldset>
    <div class="flex flex-wrap items-end gap-x-4 gap-y-2 lg:col-span-2">
      <fieldset class="flex flex-wrap items-center gap-x-3">
        <legend class={question}>What is worth more, 0 to 10?</legend>
        {#each WEIGHTS as [key, word] (key)}
          <label class="text-soft"
            >{word}
            <input
              type="number"
              min="0"
              max="10"
              bind:value={weights[key]}
              class="w-10 border-b border-strong bg-transparent text-right text-ink"
            /></label
          >
        {/each}
      </fieldset>
      <label
        >how many proposals
        <input type="number" min="1" max="10" bind:value={wanted} class={[field, 'w-14 text-right']} /></label
      >
      <span class="ml-auto flex items-center gap-2">
        {#if failed}<span role="alert" class="max-w-96 text-broken">{failed}</span>{/if}
        {#if working}<Button
            onclick={() => view && void giveUp(view.id).catch((error: unknown) => (failed = words(error)))}
            >Give up</Button
          >{/if}
        <Button kind="main" type="submit" disabled={working}>Compose</Button>
      </span>
    </div>
  </form>
  <div aria-live="polite" class="mt-3">
    {#if working}
      <p class="text-soft">
        {#if job?.state === 'waiting'}Waiting: {job.ahead === 1
            ? 'one other work comes'
            : `${job.ahead} other works come`} first.{:else}Working it out … {Math.floor((job?.share ?? 0) * 100)} %{/if}
      </p>
      <progress
        class="mt-1 h-2 w-full max-w-md accent-accent"
        aria-label="How much is worked out"
        value={job?.share ?? 0}
      ></progress>
    {:else if view?.state === 'given up'}<p class="text-soft">Given up. Nothing has been changed.</p>
    {:else if view && view.proposals.length === 0}
      <p class="font-semibold">No routine meets all of this. These cannot be had together:</p>
      <ul class="list-disc pl-5">
        {#each view.contradiction as condition, nth (nth)}<li>{condition}</li>{/each}
      </ul>
    {:else if view}
      <p class="mb-2 text-sm text-soft">
        {told(view)}
      </p>
      {#each view.proposals as proposal, i (i)}
        <ProposalStrip {proposal} number={i + 1} ontake={() => take(proposal)} />
      {/each}
    {/if}
  </div>
</Dialog>
