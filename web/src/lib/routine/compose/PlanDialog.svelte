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
  import FigureChips from './FigureChips.svelte';
  import FigureLimits from './FigureLimits.svelte';
  import FloorQuestion from './FloorQuestion.svelte';
  import HighlightQuestion from './HighlightQuestion.svelte';
  import Proposals from './Proposals.svelte';
  import ScoreQuestion from './ScoreQuestion.svelte';
  import { framed, Wishes } from './wishes.svelte';

  const editor = getRoutineEditor();
  const settings = getSettings();
  let open = $state(false);
  let figures = $state.raw<FigureSummary[]>([]);
  let levels = $state.raw<Levels>([]);
  const wishes = new Wishes();
  let view = $state.raw<Schemas['PlanView'] | null>(null);
  let failed = $state('');
  /** How many proposals the last plan asked for. */
  let asked = $state(0);
  let job = $state.raw<Schemas['JobView'] | null>(null);
  let watching = new AbortController();
  const frame = $derived(framed(editor.work));
  const sections = $derived(editor.work?.fit?.sections ?? []);
  const working = $derived(view?.state === 'waiting' || view?.state === 'working');

  async function show() {
    wishes.begin(await editor.worked());
    open = true;
    [view, failed] = [null, ''];
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
    if (!wishes.upTo) return [];
    const until = levels.findIndex((level) => level.name === wishes.upTo);
    const listed = new Set(levels.slice(0, until + 1).flatMap((level) => level.figures));
    return figures.map((figure) => figure.id).filter((id) => listed.has(id) || wishes.required.includes(id));
  }

  async function compose() {
    [view, job, failed, asked] = [null, null, '', wishes.wanted];
    if (!editor.work) {
      failed = 'The routine could not be worked out: close this, and try again when its ribbon is there.';
      return;
    }
    try {
      view = await need(api.POST('/api/plans', { body: wishes.plan(editor.routine, editor.work, allowed()) }));
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
    editor.take(proposal.figures, proposal.laid, framed(editor.work));
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
    <fieldset class="flex flex-wrap content-start items-end gap-x-4 gap-y-2">
      <legend class={question}>How long, and from where to where?</legend>
      <label
        >Bars
        <input data-autofocus type="number" min="1" max="128" bind:value={wishes.bars} class={[field, 'w-20']} /></label
      >
      <span class="text-soft">{Number(((wishes.bars * 60) / editor.routine.tempo).toFixed(1))} s</span>
      <label
        >begins with
        <select bind:value={wishes.first} class={field}>
          <option value="">anything</option>
          {#each figures as figure (figure.id)}<option value={figure.id}>{figure.name}</option>{/each}
        </select></label
      >
      <label
        >ends with
        <select bind:value={wishes.last} class={field}>
          <option value="">anything</option>
          {#each figures as figure (figure.id)}<option value={figure.id}>{figure.name}</option>{/each}
        </select></label
      >
      <label class="flex items-center gap-1"
        ><input type="checkbox" bind:checked={wishes.closes} /> can be danced again</label
      >
      {#if frame.names.length}<p class="w-full text-soft">
          {frame.names.join(' and ')}
          {frame.names.length === 1 ? 'stays' : 'stay'} where {frame.names.length === 1 ? 'it is' : 'they are'};
          composed is what lies between.
        </p>{/if}
    </fieldset>
    <fieldset class="flex flex-wrap content-start items-end gap-x-4 gap-y-2">
      <legend class={question}>What may be in it, and how often?</legend>
      <label
        >up to level
        <select bind:value={wishes.upTo} class={field}>
          <option value="">any</option>
          {#each levels as level, nth (nth)}<option>{level.name}</option>{/each}
        </select></label
      >
      <label
        >each figure at most <input
          type="number"
          min="0"
          max="16"
          bind:value={wishes.each}
          class={[field, 'w-14 text-right']}
        /> times (0: as often as fits);</label
      >
      <FigureLimits {figures} bind:limits={wishes.limits} />
    </fieldset>
    <fieldset class="flex flex-wrap content-start items-center gap-2">
      <legend class={question}>What must be in it, and what is to be seen?</legend>
      <FigureChips
        label="must have"
        prompt="add a figure"
        without="no longer required"
        {figures}
        bind:chosen={wishes.required}
        most={8}
      />
      <HighlightQuestion {wishes} {figures} {sections} />
    </fieldset>
    {#if editor.work?.moving}
      <fieldset>
        <legend class={question}>Where on the floor?</legend>
        <FloorQuestion {wishes} />
      </fieldset>
    {/if}
    <div class="flex flex-wrap items-end gap-x-4 gap-y-2 lg:col-span-2">
      <fieldset>
        <legend class={question}>What is worth more, 0 to 10?</legend>
        <ScoreQuestion {wishes} moving={editor.work?.moving ?? true} />
      </fieldset>
      <label
        >how many proposals
        <input type="number" min="1" max="10" bind:value={wishes.wanted} class={[field, 'w-14 text-right']} /></label
      >
      <label
        >that differ in
        <input type="number" min="0" max="90" bind:value={wishes.apart} class={[field, 'w-14 text-right']} /> % of their figures</label
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
    {:else if view}<Proposals {view} wanted={asked} ontake={take} />
    {/if}
  </div>
</Dialog>
