<script lang="ts" generics="K extends Named">
  import type { Editor } from './editor.svelte';
  import type { Documents } from './kinds';
  import type { Named } from './types';

  /** The name of what is on the desk, changed where it stands. */
  let { editor }: { editor: Editor<K> } = $props();

  function rename(name: string) {
    if (name.trim()) editor.describe({ name } as Partial<Documents[K]>);
  }
</script>

<input
  aria-label="Name"
  value={editor.state.name}
  maxlength="120"
  class="w-md max-w-full min-w-0 border-b border-transparent bg-transparent font-display text-3xl hover:border-line"
  oninput={(e) => rename(e.currentTarget.value)}
/>
