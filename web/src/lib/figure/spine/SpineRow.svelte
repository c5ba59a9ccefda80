<script lang="ts">
  import { many } from '$lib/ui/many';
  import type { Finding, RoleName, Word } from '$lib/api/client';
  import Button from '$lib/ui/Button.svelte';
  import Popover from '$lib/ui/Popover.svelte';
  import { getFigureEditor, type Column } from '$lib/figure/figure-editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Cell from './Cell.svelte';
  import FindingMark from './FindingMark.svelte';
  import RemarkCell from './RemarkCell.svelte';
  import { BODY_LINE, COUPLE_LINE, LEAD_LINE, NAMES, REMARKS } from './row-layout';

  interface Props {
    role: RoleName;
    index: number;
    vocabulary: Record<string, Word[]>;
    findings: Finding[];
    /** Whether the row reads from the spine to the left. */
    mirrored: boolean;
    /** What is said on it in the language of counting chosen. */
    said?: string;
  }

  let { role, index, vocabulary, findings, mirrored, said }: Props = $props();
  const editor = getFigureEditor();
  const settings = getSettings();
  const row = $derived(editor.shown[role]?.[index]);
  const worked = $derived(editor.work[role].rows[index]);
  const lit = $derived(editor.focus?.role === role && editor.focus.step === index + 1);
  const filled = (columns: Column[]) => columns.filter((column) => editor.cell(role, index, column) !== '');
  const rises = $derived(editor.work.bodyColumns.includes('rise') || editor.cell(role, index, 'rise') !== '');
  const noStep = $derived(row?.place === 'no step');

  function vertical(column: Column, by: number) {
    document.querySelector<HTMLInputElement>(`[data-cell="${role}-${index + by}-${column}"]`)?.focus();
  }

  function onkeydown(event: KeyboardEvent) {
    if (editor.locked) return;
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
  {#if REMARKS.includes(column)}
    <RemarkCell {role} {index} {column} name={NAMES[column]} />
  {:else}
    <Cell
      {role}
      {index}
      {column}
      {big}
      name={NAMES[column]}
      words={vocabulary[column] ?? []}
      onvertical={(by) => vertical(column, by)}
    />
  {/if}
{/snippet}

{#snippet labelled(column: Column, word: string)}
  {#if editor.cell(role, index, column) !== ''}
    <span class="text-[0.86rem] text-soft"><span class="text-xs">{word}</span>{@render cell(column)}</span>
  {/if}
{/snippet}

{#snippet line(columns: Column[])}
  {#if columns.length > 0}
    <div class={['flex flex-wrap gap-x-2 text-soft', mirrored ? 'justify-end' : '']}>
      {#each columns as column (column)}{@render labelled(
          column,
          REMARKS.includes(column) ? '' : `${NAMES[column]} `
        )}{/each}
    </div>
  {/if}
{/snippet}

<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<div
  role="group"
  id="row-{role}-{index + 1}"
  aria-label="{settings.Role(role)} step {index + 1}"
  class={[
    'flex h-full items-start gap-1 border-t py-1',
    noStep ? 'border-dashed border-line' : 'border-line',
    mirrored ? 'flex-row pr-1' : 'flex-row-reverse pl-1',
    lit && (role === 'man' ? 'bg-man-tint' : 'bg-lady-tint')
  ]}
  {onkeydown}
>
  <div class={['flex w-6 shrink-0 flex-col items-center gap-0.5', mirrored ? 'mr-auto' : 'ml-auto']}>
    <FindingMark {findings} place="on the {settings.role(role)}'s step {index + 1}" />
    <Popover
      label="More about the {settings.role(role)}'s step {index + 1}"
      triggerClass="text-soft hover:text-ink px-1 leading-4"
    >
      {#snippet trigger()}⋯{/snippet}
      <div class="flex flex-col gap-1.5">
        {#if worked}
          <p class="text-soft">
            {many(worked.beats, 'beat')} from {worked.at}, {worked.seconds.toFixed(2)} s; the weight is on the {worked.standing}F;
            <span class="amount">{worked.turned}</span> so far; {worked.position}, {worked.hold}.
          </p>
        {/if}
        {#each [...(['cbm', 'sway'] as const), ...BODY_LINE, ...COUPLE_LINE, ...LEAD_LINE] as column (column)}
          <div class="flex justify-between gap-3">
            <span class="text-soft">{NAMES[column]}</span>{@render cell(column)}
          </div>
        {/each}
        {#if !editor.locked}
          <div class="mt-1 flex gap-1.5 border-t border-line pt-2">
            <Button onclick={() => editor.insertRow(role, index)} title="Ctrl+Enter">Row after</Button>
            <Button onclick={() => editor.removeRow(role, index)} title="Ctrl+Delete">Remove row</Button>
          </div>
        {/if}
      </div>
    </Popover>
  </div>
  <div class={['flex min-w-0 flex-col', mirrored ? 'items-end text-right' : 'items-start']}>
    <div class={['flex max-w-full items-baseline gap-1', mirrored ? 'flex-row' : 'flex-row-reverse justify-end']}>
      {@render cell('place', true)}
      <span class={role === 'man' ? 'text-man' : 'text-lady'}>{@render cell('foot', true)}</span>
    </div>
    {#if settings.shows('turn')}
      <div
        class={['flex flex-wrap items-baseline gap-x-1.5', mirrored ? 'justify-end' : 'flex-row-reverse justify-end']}
      >
        {@render cell('turn')}{@render cell('align')}
      </div>
    {/if}
    {#if settings.shows('footwork') || settings.shows('body')}
      <div
        class={[
          'flex flex-wrap items-baseline gap-x-1.5 text-soft',
          mirrored ? 'justify-end' : 'flex-row-reverse justify-end'
        ]}
      >
        {#if settings.shows('body')}{@render labelled('cbm', 'CBM ')}{@render labelled(
            'sway',
            'sway '
          )}{#if rises}{@render cell('rise')}{/if}{/if}
        {#if settings.shows('footwork')}<span class="text-ink">{@render cell('work')}</span>{/if}
      </div>
    {/if}
    {#if settings.shows('body')}{@render line(filled(BODY_LINE))}{/if}
    {@render line(filled(COUPLE_LINE))}
    {#if settings.shows('lead')}{@render line(filled(LEAD_LINE))}{/if}
    {#if row?.doubtful}<span class="text-xs text-doubtful" title={row.note ?? 'The charter was not sure of this row'}
        >? unsure: {row.note || 'the charter was not sure of this row'}</span
      >{/if}
  </div>
  <div
    class={[
      'flex w-8 shrink-0 flex-col items-center pt-px text-center font-display text-lg leading-6 font-semibold',
      role === 'man' ? 'text-man' : 'text-lady'
    ]}
  >
    {@render cell('count', true)}
    {#if said}<span class="text-xs leading-3 font-normal text-ink">{said}</span>{/if}
    <span class="text-[0.65rem] leading-3 font-normal text-soft" title="step {index + 1}">{index + 1}</span>
    {#if worked}<span class="text-[0.65rem] leading-3 font-normal text-soft" title="lasts {many(worked.beats, 'beat')}"
        >{worked.beats} b</span
      >{/if}
  </div>
</div>
