<script lang="ts" generics="K extends Kind">
  import { beforeNavigate } from '$app/navigation';
  import Button from '$lib/ui/Button.svelte';
  import Popover from '$lib/ui/Popover.svelte';
  import { onDestroy, type Snippet } from 'svelte';
  import ConflictDialog from './ConflictDialog.svelte';
  import DeleteDialog from './DeleteDialog.svelte';
  import type { Editor } from './editor.svelte';
  import TakeAway from '$lib/handout/TakeAway.svelte';
  import { CHANNELS, nameOf, type Kind } from './kinds';

  interface Props {
    editor: Editor<K>;
    /** Actions of this desk, between undo and the rest. */
    actions?: Snippet;
    /** Actions behind the rest, the main one last. */
    main?: Snippet;
    /** How the thing stands, before what was last said. */
    standing?: string;
    /** Told when it is in the bin; without it nothing can be deleted here. */
    onremoved?: () => void;
    onmine?: () => Promise<unknown>;
    ontheirs?: () => Promise<unknown>;
    onboth?: () => Promise<unknown>;
  }

  let { editor, actions, main, standing = '', onremoved, onmine, ontheirs, onboth }: Props = $props();
  let deleting = $state(false);
  let more = $state(false);

  beforeNavigate(() => void editor.flush());
  onDestroy(() => editor.close());

  async function remove() {
    await editor.flush();
    await CHANNELS[editor.kind].remove(editor.id);
    // What could not be kept of it goes with it into the bin and is not sent behind it.
    editor.begin({ id: editor.id, version: editor.version, document: editor.state });
    onremoved?.();
  }

  function onkeydown(event: KeyboardEvent) {
    const key = event.key.toLowerCase();
    if (!(event.ctrlKey || event.metaKey) || (key !== 'z' && key !== 'y')) return;
    event.preventDefault();
    if (key === 'y' || event.shiftKey) editor.redo();
    else editor.undo();
  }
</script>

<svelte:window {onkeydown} onpagehide={() => void editor.flush()} />

<div class="ml-auto flex flex-col items-end gap-1">
  <div class="flex flex-wrap justify-end gap-1.5">
    <Button disabled={!editor.canUndo} onclick={() => editor.undo()} title="Ctrl+Z">Undo</Button>
    <Button disabled={!editor.canRedo} onclick={() => editor.redo()} title="Ctrl+Shift+Z">Redo</Button>
    {@render actions?.()}
    <Popover
      label="More"
      bind:open={more}
      triggerClass="inline-flex items-center rounded-xs border border-transparent px-2.5 py-1 text-sm text-soft hover:border-line hover:text-ink"
    >
      {#snippet trigger()}More{/snippet}
      <div class="flex flex-col items-start gap-1">
        {#if more}<TakeAway kind={editor.kind} id={editor.id} />{/if}
        {#if onremoved}
          <Button
            kind="quiet"
            onclick={() => {
              more = false;
              deleting = true;
            }}>Delete</Button
          >
        {/if}
        <a class="px-2.5 py-1 hover:text-accent" href="/bin">Open the bin</a>
      </div>
    </Popover>
    {@render main?.()}
  </div>
  <p role="status" class={editor.refused ? 'text-sm font-semibold text-broken' : 'text-xs text-soft'}>
    {standing}
    {editor.message}
    {#if editor.link}<a class="text-accent underline underline-offset-2" href={editor.link.href}>{editor.link.words}</a
      >{/if}
  </p>
</div>

<ConflictDialog
  {editor}
  onmine={onmine ?? (() => editor.keepMine())}
  ontheirs={ontheirs ?? (async () => editor.takeTheirs())}
  onboth={onboth ?? (() => editor.keepBoth())}
/>
<DeleteDialog bind:open={deleting} kind={editor.kind} id={editor.id} name={nameOf(editor.state)} onremove={remove} />
