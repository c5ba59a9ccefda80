<script lang="ts">
  import Button from '$lib/ui/Button.svelte';
  import { getFigureEditor } from './figure-editor.svelte';

  const editor = getFigureEditor();
  const when = (at: string) => new Date(at).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' });
</script>

{#each editor.otherDrafts as draft (draft.window)}
  <p class="mb-3 flex flex-wrap items-center gap-2 border-l-4 border-doubtful pl-2 text-sm">
    Another window has unsaved work on this figure, of {when(draft.savedAt)}. Saving here leaves it alone.
    <Button onclick={() => editor.take(draft.document, 'The other work is here; undo brings yours back.')}
      >Look at it</Button
    >
  </p>
{/each}
