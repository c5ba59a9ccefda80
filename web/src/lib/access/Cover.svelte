<script lang="ts">
  import { onMount } from 'svelte';
  import Unlock from './Unlock.svelte';

  /** Over the page while it is locked: above every dialog that was open, which neither sees nor takes a key. */
  let { onopen }: { onopen: () => void } = $props();
  let cover = $state<HTMLDialogElement>();

  /** By these an open dialog would take a press or a key on the cover for one beside itself, and close with all that was typed. */
  const UNHEARD = ['keydown', 'keyup', 'pointerdown', 'pointerup', 'mousedown', 'touchstart', 'focusin', 'focusout'];

  onMount(() => {
    cover?.showModal();
    // At the window, before anybody hears of it; what the browser itself does with them goes on.
    const unheard = (event: Event) => event.stopImmediatePropagation();
    for (const kind of UNHEARD) window.addEventListener(kind, unheard, { capture: true });
    return () => {
      for (const kind of UNHEARD) window.removeEventListener(kind, unheard, { capture: true });
    };
  });
</script>

<!-- A browser may close what was cancelled twice; it stays until the passphrase is right. -->
<dialog
  bind:this={cover}
  aria-label="Locked"
  oncancel={(event) => event.preventDefault()}
  onclose={() => cover?.showModal()}
  class="m-0 size-full max-h-none max-w-none overflow-auto bg-ground text-ink"
>
  <Unlock {onopen} />
</dialog>
