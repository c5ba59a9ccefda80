<script lang="ts">
  import { goto } from '$app/navigation';
  import Button from '$lib/ui/Button.svelte';
  import Dialog from '$lib/ui/Dialog.svelte';
  import EditorBar from '$lib/editing/EditorBar.svelte';
  import { getFigureEditor } from './figure-editor.svelte';
  import Differences from '$lib/figure/tools/Differences.svelte';

  let { onjump }: { onjump: () => void } = $props();
  const editor = getFigureEditor();
  let saving = $state(false);
  let comparing = $state(false);
  let resetting = $state(false);
  let note = $state('');

  const seconds = $derived(
    (editor.work.man.rows.length > 0 ? editor.work.man.rows : editor.work.lady.rows).reduce(
      (sum, r) => sum + r.seconds,
      0
    )
  );
  const standing = $derived(
    editor.changed
      ? 'Changes not saved as a version'
      : editor.view.own
        ? `Your ${editor.view.shipped ? 'copy' : 'figure'}, version ${editor.view.version}`
        : editor.view.shipped
          ? 'Shipped chart'
          : 'Begun, not saved yet'
  );

  async function discard() {
    if (!(await editor.discardDraft())) await goto('/figures');
  }

  async function save(event: SubmitEvent) {
    event.preventDefault();
    if (await editor.save(note)) note = '';
    saving = false;
  }

  function onkeydown(event: KeyboardEvent) {
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 's') {
      event.preventDefault();
      if (editor.changed) saving = true;
    }
  }
</script>

<svelte:window {onkeydown} />

<header class="mb-3 flex flex-wrap items-end gap-x-5 gap-y-2 border-b-2 border-ink pb-2">
  <div class="min-w-0">
    <div class="flex flex-wrap items-baseline gap-x-4">
      <h1 class="text-3xl">{editor.chart.name}</h1>
      <p class="flex items-baseline gap-2 text-sm" aria-live="polite">
        <span
          class={['rounded-xs px-1.5', editor.work.broken ? 'bg-broken-tint font-semibold text-broken' : 'text-soft']}
          >{editor.work.broken} broken</span
        >
        <span
          class={[
            'rounded-xs px-1.5',
            editor.work.doubtful ? 'bg-doubtful-tint font-semibold text-doubtful' : 'text-soft'
          ]}>{editor.work.doubtful} doubtful</span
        >
        {#if editor.work.notes > 0}<span class="px-1.5"
            >{editor.work.notes} {editor.work.notes === 1 ? 'note' : 'notes'}</span
          >{/if}
        {#if editor.work.broken + editor.work.doubtful + editor.work.notes > 0}
          <Button kind="quiet" onclick={onjump} title="Ctrl+M">Next mark</Button>
        {/if}
      </p>
    </div>
    <p class="text-sm text-soft">
      {[...(editor.chart.otherNames ?? [])].join(' · ')}{editor.chart.otherNames?.length
        ? '; '
        : ''}{editor.chart.dance.replaceAll('-', ' ')}, {editor.work.bars} ({seconds.toFixed(1)} s), {Object.values(
        editor.chart.level ?? {}
      ).join(', ') || 'unlisted'}, from {editor.chart.start?.position ?? ''} position
    </p>
  </div>
  <EditorBar
    editor={editor.editor}
    standing="{standing}."
    onremoved={editor.view.own && !editor.view.shipped && !editor.changed ? () => void goto('/figures') : undefined}
    onmine={() => editor.keepMine()}
    ontheirs={() => editor.takeTheirs()}
    onboth={() => editor.keepBoth()}
  >
    {#snippet actions()}
      <Button onclick={() => (comparing = true)} disabled={editor.problems.length > 0}>Compare</Button>
      <a
        class="inline-flex items-center rounded-xs border border-strong bg-raised px-2.5 py-1 text-sm hover:border-accent hover:text-accent"
        href="/rehearse?figure={encodeURIComponent(editor.view.id)}"
        data-rehearse
        title="See the saved chart danced (r)">Rehearse</a
      >
      {#if editor.changed}<Button onclick={discard}>{editor.isBegun ? 'Discard figure' : 'Discard changes'}</Button
        >{/if}
      {#if editor.view.own && editor.view.shipped && !editor.changed}<Button onclick={() => (resetting = true)}
          >Reset to shipped</Button
        >{/if}
    {/snippet}
    {#snippet main()}
      <Button kind="main" disabled={!editor.changed} onclick={() => (saving = true)} title="Ctrl+S">Save version</Button
      >
    {/snippet}
  </EditorBar>
</header>

<Dialog bind:open={saving} title="Save a version">
  <form onsubmit={save} class="flex flex-col gap-3">
    <p class="text-sm text-soft">
      {editor.view.shipped
        ? 'The shipped chart stays as it is; this is your own copy on top of it.'
        : 'Earlier versions are kept.'}
      {editor.work.broken > 0
        ? `It is saved with ${editor.work.broken} broken ${editor.work.broken === 1 ? 'finding' : 'findings'}.`
        : ''}
    </p>
    <label class="flex flex-col gap-1 text-sm"
      >What changed
      <input bind:value={note} maxlength="500" class="rounded-xs border border-strong bg-raised px-2 py-1" />
    </label>
    <div class="flex justify-end gap-2">
      <Button onclick={() => (saving = false)}>Cancel</Button>
      <Button kind="main" type="submit">Save</Button>
    </div>
  </form>
</Dialog>

<Dialog bind:open={resetting} title="Reset to the shipped chart?">
  <p class="mb-3 text-sm">
    Your chart goes into the bin with its versions, and the shipped chart shows again. It comes back from the bin, or
    goes on when you save a chart of your own again.
  </p>
  <div class="flex justify-end gap-2">
    <Button onclick={() => (resetting = false)}>Cancel</Button>
    <Button
      kind="main"
      onclick={async () => {
        await editor.reset();
        resetting = false;
      }}>Reset</Button
    >
  </div>
</Dialog>

<Dialog bind:open={comparing} title="What is different" wide>
  {#if comparing}<Differences />{/if}
</Dialog>
