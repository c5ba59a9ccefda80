<script lang="ts">
  import type { RoleName } from '$lib/api/client';
  import { getFigureEditor, type Column } from '$lib/figure/figure-editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';

  /** A cell that holds a sentence rather than a short form: it wraps and has no completions. */
  interface Props {
    role: RoleName;
    index: number;
    column: Column;
    name: string;
  }

  let { role, index, column, name }: Props = $props();
  const editor = getFigureEditor();
  const settings = getSettings();
  const value = $derived(editor.cell(role, index, column));
</script>

<textarea
  {value}
  rows="1"
  maxlength="500"
  readonly={editor.locked}
  aria-label="{settings.Role(role)} {index + 1} {name}"
  data-cell="{role}-{index}-{column}"
  placeholder="·"
  class="remark resize-none rounded-xs border border-transparent bg-transparent px-0.5 text-[0.86rem] leading-5 italic placeholder:text-strong/60 hover:border-line focus:border-accent focus:bg-raised focus:outline-none"
  oninput={(event) => editor.setCell(role, index, column, event.currentTarget.value)}
  onfocus={() => editor.look(role, index + 1)}
  onblur={() => editor.settle()}></textarea>

<style>
  .remark {
    field-sizing: content;
    min-width: 6rem;
    max-width: 17rem;
    text-align: inherit;
  }
</style>
