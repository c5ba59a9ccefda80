<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import Button from '$lib/ui/Button.svelte';
  import { clock } from './clock';

  type Section = Schemas['Song_section'];
  interface Props {
    section: Section;
    /** Seconds from the first beat, as last kept. */
    begins: number | undefined;
    only: boolean;
    onchange: (by: Partial<Section>) => void;
    onremove: () => void;
  }

  let { section, begins, only, onchange, onremove }: Props = $props();
  const field = 'rounded-xs border border-line bg-raised px-1.5 py-0.5';
</script>

<tr
  class="border-t border-line max-sm:grid max-sm:grid-cols-[auto_auto_1fr_auto] max-sm:items-center max-sm:gap-x-2 max-sm:pb-1"
>
  <td class="py-1 max-sm:col-span-full"
    ><input
      class={[field, 'w-full sm:w-48']}
      maxlength="60"
      aria-label="Name of the section"
      value={section.name}
      oninput={(e) => e.currentTarget.value.trim() && onchange({ name: e.currentTarget.value })}
    /></td
  >
  <td
    ><input
      class={[field, 'w-16 text-right']}
      type="number"
      min="1"
      max="800"
      aria-label="Bars of {section.name}"
      value={section.bars}
      onchange={(e) => onchange({ bars: Number(e.currentTarget.value) })}
    /></td
  >
  <td
    ><select
      class={field}
      aria-label="Part of the song: {section.name}"
      value={section.kind}
      onchange={(e) => onchange({ kind: e.currentTarget.value as Section['kind'] })}
    >
      <option value="introduction">the introduction</option>
      <option value="dance">the dance</option>
      <option value="ending">the ending</option>
    </select></td
  >
  <td class="whitespace-nowrap text-soft">{begins === undefined ? '' : clock(begins)}</td>
  <td class="text-right"
    ><Button kind="quiet" disabled={only} aria-label="Remove {section.name}" onclick={onremove}>×</Button></td
  >
</tr>
