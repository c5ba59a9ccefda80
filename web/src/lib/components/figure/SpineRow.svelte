<script lang="ts">
  import type { Finding, RoleName, Word } from '$lib/api/client';
  import Button from '$lib/components/ui/Button.svelte';
  import Popover from '$lib/components/ui/Popover.svelte';
  import { getFigureEditor, type Column } from '$lib/state/figure-editor.svelte';
  import { getSettings } from '$lib/state/settings.svelte';
  import Cell from './Cell.svelte';
  import FindingMark from './FindingMark.svelte';

  interface Props {
    role: RoleName;
    index: number;
    vocabulary: Record<string, Word[]>;
    findings: Finding[];
  }

  let { role, index, vocabulary, findings }: Props = $props();
  const editor = getFigureEditor();
  const settings = getSettings();
  const NAMES: Record<Column, string> = {
    count: 'count',
    foot: 'foot',
    place: 'placement',
    align: 'alignment',
    turn: 'turn',
    work: 'footwork',
    rise: 'rise',
    cbm: 'CBM',
    sway: 'sway',
    weight: 'weight',
    position: 'position',
    hold: 'hold',
    note: 'note'
  };
  const EXTRA: Column[] = ['position', 'hold', 'weight', 'note'];
  const man = $derived(role === 'man');
  const row = $derived(editor.chart[role]?.[index]);
  const lit = $derived(editor.focus?.role === role && editor.focus.step === index + 1);
  const extras = $derived(EXTRA.filter((column) => editor.cell(role, index, column) !== ''));

  function vertical(column: Column, by: number) {
    document.querySelector<HTMLInputElement>(`[data-cell="${role}-${index + by}-${column}"]`)?.focus();
  }

  function onkeydown(event: KeyboardEvent) {
    if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
      event.preventDefault();
      editor.insertRow(role, index);
    } else if (event.key === 'Delete' && (event.ctrlKey || event.metaKey)) {
      event.preventDefault();
      editor.removeRow(role, index);
    }
  }
</script>

{#snippet cell(column: Column, big = false)}
  <Cell
    {role}
    {index}
    {column}
    {big}
    name={NAMES[column]}
    words={vocabulary[column] ?? []}
    onvertical={(by) => vertical(column, by)}
  />
{/snippet}

{#snippet labelled(column: Column, word: string)}
  {#if editor.cell(role, index, column) !== ''}
    <span class="text-[0.86rem] text-soft"><span class="text-xs">{word}</span>{@render cell(column)}</span>
  {/if}
{/snippet}

<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<div
  role="group"
  aria-label="{settings.Role(role)} step {index + 1}"
  class={[
    'flex h-full items-start gap-1 border-t border-line py-1',
    man ? 'flex-row pr-1' : 'flex-row-reverse pl-1',
    lit && (man ? 'bg-man-tint' : 'bg-lady-tint')
  ]}
  {onkeydown}
>
  <div class={['flex w-6 shrink-0 flex-col items-center gap-0.5', man ? 'mr-auto' : 'ml-auto']}>
    <FindingMark {findings} place="on the {settings.role(role)}'s step {index + 1}" />
    <Popover
      label="More about the {settings.role(role)}'s step {index + 1}"
      triggerClass="text-soft hover:text-ink px-1 leading-4"
    >
      {#snippet trigger()}⋯{/snippet}
      <div class="flex flex-col gap-1.5">
        {#each [...(['cbm', 'sway'] as const), ...EXTRA] as column (column)}
          <div class="flex justify-between gap-3">
            <span class="text-soft">{NAMES[column]}</span>{@render cell(column)}
          </div>
        {/each}
        <div class="mt-1 flex gap-1.5 border-t border-line pt-2">
          <Button onclick={() => editor.insertRow(role, index)} title="Ctrl+Enter">Row after</Button>
          <Button onclick={() => editor.removeRow(role, index)} title="Ctrl+Delete">Remove row</Button>
        </div>
      </div>
    </Popover>
  </div>
  <div class={['flex min-w-0 flex-col', man ? 'items-end text-right' : 'items-start']}>
    <div class={['flex items-baseline gap-1', man ? 'flex-row' : 'flex-row-reverse']}>
      {@render cell('place', true)}
      <span class={man ? 'text-man' : 'text-lady'}>{@render cell('foot', true)}</span>
    </div>
    <div class={['flex flex-wrap items-baseline gap-x-1.5', man ? 'justify-end' : 'flex-row-reverse justify-end']}>
      {@render cell('turn')}{@render cell('align')}
    </div>
    <div
      class={[
        'flex flex-wrap items-baseline gap-x-1.5 text-soft',
        man ? 'justify-end' : 'flex-row-reverse justify-end'
      ]}
    >
      {@render labelled('cbm', 'CBM ')}{@render labelled('sway', 'sway ')}
      {@render cell('rise')}<span class="text-ink">{@render cell('work')}</span>
    </div>
    {#if extras.length > 0 || row?.doubtful}
      <div class={['flex flex-wrap gap-x-2 text-soft', man ? 'justify-end' : 'flex-row-reverse justify-end']}>
        {#if row?.doubtful}<span class="text-xs text-doubtful" title="The charter was not sure of this row"
            >? doubtful row</span
          >{/if}
        {#each extras.filter((column) => column !== 'note') as column (column)}{@render labelled(column, '')}{/each}
      </div>
    {/if}
  </div>
  <div
    class={[
      'w-7 shrink-0 pt-px text-center font-display text-lg leading-6 font-semibold',
      man ? 'text-man' : 'text-lady'
    ]}
  >
    {@render cell('count', true)}
  </div>
</div>
