<script lang="ts">
  import { page } from '$app/state';
  import { isShortcut } from '$lib/shell/typing';
  import Dialog from '$lib/ui/Dialog.svelte';
  import JottingLine from './JottingLine.svelte';

  /** A line from anywhere: the figure or routine on the desk is meant where the line names none. */
  let { open = $bindable() }: { open: boolean } = $props();
  const subject = $derived(/^\/(?:figures|routines)\/([^/]+)/.exec(page.url.pathname)?.[1]);

  function onkeydown(event: KeyboardEvent) {
    if (event.defaultPrevented || event.target instanceof HTMLSelectElement || !isShortcut(event, 'j')) return;
    // A page with a line of its own takes it there.
    if (document.querySelector('form[aria-label="A line"]')) return;
    event.preventDefault();
    open = true;
  }
</script>

<svelte:window {onkeydown} />

<Dialog bind:open title="Jot down a line" wide>
  <JottingLine {...subject ? { subject: decodeURIComponent(subject) } : {}} />
  <p class="mt-3 text-sm text-soft">
    Who, what, at which step or bar, whose fault, what was seen, the cue; or “clean at 28”, “taught”, “next time”,
    “note”.
  </p>
</Dialog>
