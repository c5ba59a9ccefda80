<script lang="ts">
  import type { RoleName } from '$lib/api/client';
  import Button from '$lib/ui/Button.svelte';
  import SwitchRow from '$lib/ui/SwitchRow.svelte';
  import { getFigureEditor } from './figure-editor.svelte';
  import { getSettings, LAYERS } from '$lib/settings/settings.svelte';
  import type { Tool } from '$lib/figure/tools/tools';

  interface Props {
    only: 'both' | RoleName;
    reading: boolean;
    onopen: (tool: Tool) => void;
  }

  let { only = $bindable(), reading = $bindable(), onopen }: Props = $props();
  const editor = getFigureEditor();
  const settings = getSettings();
  const timings = $derived(editor.chart.timings ?? []);
  const options = $derived(editor.chart.options ?? []);
  const variants = $derived(editor.chart.variants ?? []);
  const languages = $derived(editor.work.aids.counts.filter((c) => c.man.length + c.lady.length > 0));
  const field = 'rounded-xs border border-line bg-raised px-1 py-0.5 text-ink';

  const single = $derived(options.filter((option) => !option.choice));
  const choices = $derived([...new Set(options.flatMap((option) => option.choice ?? []))]);

  function toggle(id: string) {
    const on = editor.reading.options;
    editor.read({ options: on.includes(id) ? on.filter((o) => o !== id) : [...on, id] });
  }

  /** Of the options of one choice only one is shown. */
  function choose(choice: string, id: string) {
    const others = options.filter((option) => option.choice === choice).map((option) => option.id);
    const on = editor.reading.options.filter((o) => !others.includes(o));
    editor.read({ options: id === '' ? on : [...on, id] });
  }
</script>

<div
  class="mb-3 flex flex-wrap items-center gap-x-4 gap-y-1.5 text-sm text-soft"
  role="toolbar"
  aria-label="Desk tools"
>
  <span class="flex items-center gap-1" role="group" aria-label="Layers">
    {#each LAYERS as layer, i (i)}
      <button
        type="button"
        aria-pressed={settings.shows(layer)}
        title="Alt+{i + 1}"
        onclick={() => settings.fold(layer)}
        class={[
          'border-b-2 px-1',
          settings.shows(layer) ? 'border-accent text-ink' : 'border-line text-soft line-through decoration-1'
        ]}>{layer}</button
      >
    {/each}
  </span>
  <SwitchRow
    label="Whose rows"
    value={only}
    options={[
      { value: 'both', label: 'Both' },
      { value: 'man', label: settings.Role('man') },
      { value: 'lady', label: settings.Role('lady') }
    ]}
    onpick={(value) => (only = value as 'both' | RoleName)}
  />
  <label
    >count
    <select class={field} value={settings.count} onchange={(e) => settings.prefer({ count: e.currentTarget.value })}>
      <option value="">as charted</option>
      {#each languages as language (language.language)}<option>{language.language}</option>{/each}
    </select></label
  >
  {#if timings.length > 0}
    <label
      >timing
      <select
        class={field}
        value={editor.reading.timing}
        onchange={(e) => editor.read({ timing: e.currentTarget.value })}
      >
        <option value="">A</option>
        {#each timings as timing, nth (nth)}<option>{timing.id}</option>{/each}
      </select></label
    >
  {/if}
  {#if variants.length > 0}
    <label
      >variant
      <select
        class={field}
        value={editor.reading.variant}
        onchange={(e) => editor.read({ variant: e.currentTarget.value, timing: '', options: [] })}
      >
        <option value="">as charted</option>
        {#each variants as variant, nth (nth)}<option value={variant.id}>{variant.name}</option>{/each}
      </select></label
    >
  {/if}
  {#each choices as choice (choice)}
    {@const of = options.filter((option) => option.choice === choice)}
    <label
      >{choice}
      <select
        class={field}
        value={of.find((option) => editor.reading.options.includes(option.id))?.id ?? ''}
        onchange={(e) => choose(choice, e.currentTarget.value)}
      >
        <option value="">as charted</option>
        {#each of as option (option.id)}<option value={option.id}>{option.name}</option>{/each}
      </select></label
    >
  {/each}
  {#each single as option, nth (nth)}
    <label title={settings.tell(option.says, editor.view.own)} class="flex items-center gap-1">
      <input
        type="checkbox"
        checked={editor.reading.options.includes(option.id)}
        onchange={() => toggle(option.id)}
      />{option.name}</label
    >
  {/each}
  <label class="whitespace-nowrap"
    >at
    <input
      class="{field} w-16"
      type="number"
      min="1"
      max="120"
      placeholder="usual"
      aria-label="Tempo in bars a minute"
      onchange={(e) => editor.read({ tempo: Number(e.currentTarget.value) || 0 })}
    /> bars a minute</label
  >
  <span class="ml-auto flex flex-wrap gap-1">
    <Button kind="quiet" aria-pressed={reading} onclick={() => (reading = !reading)} title="Alt+R">Read</Button>
    <Button onclick={() => onopen('type')} disabled={editor.locked} title="Type many steps as lines (Alt+L)"
      >Type steps</Button
    >
    <Button onclick={() => onopen('partner')} disabled={editor.locked} title="Derive the partner's rows (Alt+P)"
      >Partner</Button
    >
    <Button onclick={() => onopen('timing')} disabled={editor.locked} title="Another timing of the same steps (Alt+T)"
      >Timing</Button
    >
    <Button
      onclick={() => onopen('fill')}
      disabled={editor.locked}
      title="Alignments and turns that follow from others (Alt+F)">Fill gaps</Button
    >
  </span>
</div>
{#if editor.locked}
  <p class="mb-2 border-l-4 border-accent bg-tint px-2 py-1 text-sm" role="status">
    Shown {editor.reading.variant
      ? `as the variant ${variants.find((v) => v.id === editor.reading.variant)?.name ?? ''}`
      : ''}
    {editor.reading.timing ? `in timing ${editor.reading.timing}` : ''}
    {editor.reading.options.length > 0
      ? options
          .filter((o) => editor.reading.options.includes(o.id))
          .map((o) => `${o.name}: ${settings.tell(o.says, editor.view.own)}`)
          .join(' ')
      : ''}
    Cells are typed in the chart itself:
    <button
      type="button"
      class="font-semibold text-accent underline"
      onclick={() => editor.read({ variant: '', timing: '', options: [] })}>back to it</button
    >
  </p>
{/if}
