<script lang="ts">
  import { Dialog } from 'bits-ui';
  import type { Snippet } from 'svelte';

  interface Props {
    open: boolean;
    title: string;
    children: Snippet;
    /** Room for two columns, or for a strip of many bars. */
    wide?: boolean | 'strip';
  }

  let { open = $bindable(), title, children, wide = false }: Props = $props();

  /** The field marked for it takes the focus, so that typing can begin at once. */
  function focusFirst(event: Event) {
    const wanted = document.querySelector<HTMLElement>('[role="dialog"] [data-autofocus]');
    if (!wanted) return;
    event.preventDefault();
    wanted.focus();
  }
</script>

<Dialog.Root bind:open>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-black/40" />
    <Dialog.Content
      onOpenAutoFocus={focusFirst}
      class={[
        'fixed top-1/2 left-1/2 z-50 max-h-[85vh] w-[92vw] -translate-x-1/2 -translate-y-1/2 overflow-auto rounded-sm border border-line bg-sheet p-5 text-ink shadow-xl',
        wide === 'strip' ? 'max-w-6xl' : wide ? 'max-w-3xl' : 'max-w-md'
      ]}
    >
      <Dialog.Title class="mb-3 font-display text-xl font-semibold">{title}</Dialog.Title>
      {@render children()}
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
