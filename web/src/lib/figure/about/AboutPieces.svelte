<script lang="ts">
  import type { Chart } from '$lib/api/client';
  import { getFigureEditor } from '$lib/figure/figure-editor.svelte';
  import { NAMES } from '$lib/figure/spine/row-layout';
  import { getSettings } from '$lib/settings/settings.svelte';
  import { fromLines, toLines } from './about-lines';
  import PieceForm from './PieceForm.svelte';
  import { idFor, type PieceField } from './piece-fields';

  /** Timings, parts, repeats and options: as forms, or as lines of text for who types faster. */
  type Key = 'timings' | 'parts' | 'repeats' | 'options';
  type Option = NonNullable<Chart['options']>[number];

  const editor = getFigureEditor();
  const settings = getSettings();
  const chart = $derived<Chart>(editor.chart);
  const roles = $derived(
    (['man', 'lady'] as const)
      .filter((role) => (chart[role] ?? []).length > 0)
      .map((role) => ({ value: role, label: settings.Role(role) }))
  );
  const columns = Object.entries(NAMES).map(([value, label]) => ({ value, label }));

  const timing: PieceField[] = $derived([
    { key: 'id', label: 'name', kind: 'text', placeholder: 'B' },
    ...roles.map((role) => ({
      key: role.value,
      label: `${role.label}'s counts`,
      kind: 'text' as const,
      wide: true,
      placeholder: 'S Q Q'
    }))
  ]);
  const part: PieceField[] = [{ key: 'steps', label: 'steps', kind: 'span' }];
  const repeat: PieceField[] = [
    { key: 'steps', label: 'steps', kind: 'span' },
    { key: 'least', label: 'at least', kind: 'number' },
    { key: 'most', label: 'at most', kind: 'number' },
    { key: 'mirrored', label: 'every second time to the other side', kind: 'check' }
  ];
  const option: PieceField[] = [
    { key: 'name', label: 'name', kind: 'text', wide: true },
    { key: 'choice', label: 'one of the choice', kind: 'text', placeholder: 'by itself' },
    { key: 'says', label: 'what it changes', kind: 'text', wide: true }
  ];
  const edit: PieceField[] = $derived([
    { key: 'role', label: 'whose', kind: 'choice', choices: roles },
    { key: 'step', label: 'step', kind: 'number' },
    { key: 'key', label: 'cell', kind: 'choice', choices: columns },
    { key: 'text', label: 'says', kind: 'text', wide: true, placeholder: 'blank' }
  ]);
  const counts = (role: 'man' | 'lady') => (chart[role] ?? []).map((row) => row.count).join(' ');

  /** An option is known by its name; its id is made from it while nothing else uses it. */
  function named(options: Option[]): Option[] {
    return options.map((item, i) => {
      const others = options.filter((_, nth) => nth !== i).map((other) => other.id);
      return item.id === '' || others.includes(item.id) ? { ...item, id: idFor(item.name, others) } : item;
    });
  }
</script>

{#snippet text(key: Key, hint: string)}
  <details class="text-xs text-soft">
    <summary>as text</summary>
    <label
      >{hint}
      <textarea
        class="w-full rounded-xs border border-line bg-raised px-1.5 py-1 font-mono text-sm text-ink"
        rows={Math.max(2, toLines(key, chart).length + 1)}
        value={toLines(key, chart).join('\n')}
        onchange={(e) => editor.change(fromLines(key, e.currentTarget.value, chart))}></textarea></label
    >
  </details>
{/snippet}

<div class="mt-4 grid gap-x-6 gap-y-4 border-t border-line pt-3 lg:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]">
  <div class="flex flex-col gap-4">
    <section class="flex flex-col gap-1.5" aria-label="Other timings">
      <h2 class="text-base">Other timings</h2>
      <PieceForm
        name="Timing"
        items={chart.timings ?? []}
        fields={timing}
        fresh={() => ({
          id: String.fromCharCode('B'.charCodeAt(0) + (chart.timings ?? []).length),
          man: counts('man'),
          lady: counts('lady')
        })}
        onchange={(timings) => editor.change({ timings })}
      />
      {@render text('timings', 'name: man / lady, one a line')}
    </section>
    <section class="flex flex-col gap-1.5" aria-label="Parts">
      <h2 class="text-base">Parts</h2>
      <PieceForm
        name="Part"
        items={chart.parts ?? []}
        fields={part}
        fresh={() => ({ steps: '1-3' })}
        onchange={(parts) => editor.change({ parts })}
      />
      {@render text('parts', 'steps such as 1-3, one part a line')}
    </section>
    <section class="flex flex-col gap-1.5" aria-label="Repeated steps">
      <h2 class="text-base">Repeated steps</h2>
      <PieceForm
        name="Repeat"
        items={chart.repeats ?? []}
        fields={repeat}
        fresh={() => ({ steps: `1-${(chart.man ?? chart.lady ?? []).length}`, least: 1, most: 4 })}
        onchange={(repeats) => editor.change({ repeats })}
      />
      {@render text('repeats', 'steps least most, and mirrored if so')}
    </section>
  </div>
  <section class="flex flex-col gap-1.5" aria-label="Options">
    <h2 class="text-base">Options</h2>
    <p class="text-xs text-soft">
      Another way of some cells. Of the options of one choice only one is danced at a time.
    </p>
    <PieceForm
      name="Option"
      items={chart.options ?? []}
      fields={option}
      fresh={() => ({ id: '', name: `Option ${(chart.options ?? []).length + 1}`, says: '', edits: [] })}
      onchange={(options) => editor.change({ options: named(options) })}
    >
      {#snippet more(item: Option, nth: number)}
        <div class="flex w-full flex-col gap-1 pl-3">
          <PieceForm
            name="Cell"
            items={item.edits}
            fields={edit}
            fresh={() => ({ role: roles[0]?.value ?? 'man', step: 1, key: 'work', text: '' })}
            onchange={(edits) =>
              editor.change({ options: (chart.options ?? []).map((o, i) => (i === nth ? { ...o, edits } : o)) })}
          />
        </div>
      {/snippet}
    </PieceForm>
    {@render text('options', 'id = name [choice]: what it says, then indented cells such as “man 2 sway R”')}
  </section>
</div>
