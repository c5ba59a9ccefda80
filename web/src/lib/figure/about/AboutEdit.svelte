<script lang="ts">
  import { DETAILS, kept } from './detail';
  import type { Chart } from '$lib/api/client';
  import Button from '$lib/ui/Button.svelte';
  import { getFigureEditor } from '$lib/figure/figure-editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import NeighbourPick from './NeighbourPick.svelte';
  import AboutPieces from './AboutPieces.svelte';

  const editor = getFigureEditor();
  const chart = $derived<Chart>(editor.chart);
  const field = 'w-full rounded-xs border border-line bg-raised px-1.5 py-1 text-sm';
  type Level = 'bronze' | 'silver' | 'gold' | 'open';
  const LEVELS: Level[] = ['bronze', 'silver', 'gold', 'open'];
  const settings = getSettings();
  const style = settings.style;

  function level(value: string) {
    editor.change({ level: value === '' ? undefined : { ...chart.level, [style]: value as Level } });
  }

  function start(patch: Partial<NonNullable<Chart['start']>>) {
    editor.change({ start: { ...chart.start, ...patch } }, 'start');
  }

  const FAULT = [
    { key: 'seen', label: 'What is seen', placeholder: 'what is seen' },
    { key: 'cause', label: 'Cause', placeholder: 'why it happens' },
    { key: 'cue', label: 'Cue', placeholder: 'one thing to say' }
  ] as const;

  type Prepared = NonNullable<NonNullable<Chart['start']>['prepare']>;

  function prepare(role: 'man' | 'lady', patch: Partial<NonNullable<Prepared['man']>>) {
    const said = Object.entries({ ...chart.start?.prepare?.[role], ...patch }).filter(([, text]) => text);
    const both = { ...chart.start?.prepare, [role]: said.length > 0 ? Object.fromEntries(said) : undefined };
    start({ prepare: both.man || both.lady ? both : undefined });
  }

  function fault(index: number, patch: Partial<NonNullable<Chart['faults']>[number]>) {
    editor.change(
      { faults: (chart.faults ?? []).map((f, i) => (i === index ? { ...f, ...patch } : f)) },
      `fault-${index}`
    );
  }

  function total(role: 'man' | 'lady', text: string) {
    const totals = { ...chart.total, [role]: text || undefined };
    editor.change({ total: totals.man || totals.lady ? totals : undefined }, `total-${role}`);
  }
</script>

{#snippet lines(label: string, key: 'otherNames' | 'cautions', rows: number, hint: string)}
  <label class="text-sm"
    >{label} <span class="text-xs text-soft">{hint}</span>
    <textarea
      class={field}
      {rows}
      value={(chart[key] ?? []).join('\n')}
      onchange={(e) =>
        editor.change({
          [key]: e.currentTarget.value
            .split('\n')
            .map((t) => t.trim())
            .filter(Boolean)
        })}></textarea></label
  >
{/snippet}

<div class="grid gap-4 md:grid-cols-3">
  <div class="flex flex-col gap-2">
    <label class="text-sm"
      >Name <input
        class={field}
        value={chart.name}
        oninput={(e) => editor.change({ name: e.currentTarget.value || chart.name }, 'name')}
      /></label
    >
    {@render lines('Other names', 'otherNames', 2, 'one a line')}
    <label class="text-sm"
      >Summary <textarea
        class={field}
        rows="3"
        value={chart.summary ?? ''}
        oninput={(e) => editor.change({ summary: e.currentTarget.value }, 'summary')}></textarea></label
    >
    <label class="text-sm"
      >Level
      <select class={field} value={chart.level?.[style] ?? ''} onchange={(e) => level(e.currentTarget.value)}>
        <option value="">unlisted</option>
        {#each LEVELS as name (name)}<option>{name}</option>{/each}
      </select></label
    >
    <div class="grid grid-cols-2 gap-2">
      <label class="text-sm"
        >Starts in <input
          class={field}
          value={chart.start?.position ?? ''}
          onchange={(e) => start({ position: e.currentTarget.value })}
        /></label
      >
      <label class="text-sm"
        >with hold <input
          class={field}
          value={chart.start?.hold ?? ''}
          onchange={(e) => start({ hold: e.currentTarget.value })}
        /></label
      >
      <label class="text-sm"
        >Man turns in all <input
          class={field}
          value={chart.total?.man ?? ''}
          placeholder="3/4 R"
          onchange={(e) => total('man', e.currentTarget.value)}
        /></label
      >
      <label class="text-sm"
        >Lady turns in all <input
          class={field}
          value={chart.total?.lady ?? ''}
          placeholder="3/4 R"
          onchange={(e) => total('lady', e.currentTarget.value)}
        /></label
      >
    </div>
    <fieldset class="flex flex-col gap-1 text-sm">
      <legend>Before the first count <span class="text-xs text-soft">on the foot stood on</span></legend>
      {#each (['man', 'lady'] as const).filter((role) => (chart[role] ?? []).length > 0) as role (role)}
        <div class="grid grid-cols-3 gap-2">
          {#each ['hip', 'body', 'head'] as const as cell (cell)}
            <label class="text-xs text-soft"
              >{settings.Role(role)}'s {cell}
              <input
                class={[field, 'text-ink']}
                value={chart.start?.prepare?.[role]?.[cell] ?? ''}
                onchange={(e) => prepare(role, { [cell]: e.currentTarget.value.trim() })}
              /></label
            >
          {/each}
        </div>
      {/each}
    </fieldset>
    <label class="text-sm"
      >Also begins <span class="text-xs text-soft">the man's alignments, one a line</span>
      <textarea
        class={field}
        rows="2"
        value={(chart.start?.entries ?? []).join('\n')}
        onchange={(e) =>
          start({
            entries: e.currentTarget.value
              .split('\n')
              .map((t) => t.trim())
              .filter(Boolean)
          })}></textarea></label
    >
  </div>
  <div class="flex flex-col gap-2">
    <h2 class="text-base">Usual faults</h2>
    {#each chart.faults ?? [] as item, i (i)}
      <fieldset class="flex flex-col gap-1 border-l-2 border-line pl-2">
        <legend class="sr-only">Fault {i + 1}</legend>
        {#each FAULT as line (line.key)}
          <label class="text-xs text-soft"
            >{line.label}
            <input
              class={[field, 'text-ink']}
              aria-label="Fault {i + 1}: {line.label.toLowerCase()}"
              placeholder={line.placeholder}
              value={item[line.key]}
              oninput={(e) => fault(i, { [line.key]: e.currentTarget.value })}
            /></label
          >
        {/each}
        <label class="text-xs text-soft"
          >For
          <select
            class={[field, 'text-ink']}
            aria-label="Fault {i + 1}: for whom"
            value={item.detail ?? DETAILS[0]}
            onchange={(e) => fault(i, { detail: kept(e.currentTarget.value) })}
          >
            {#each DETAILS as detail (detail)}<option>{detail}</option>{/each}
          </select></label
        >
        <span>
          <Button
            kind="quiet"
            onclick={() => editor.change({ faults: (chart.faults ?? []).filter((_, at) => at !== i) })}>Remove</Button
          >
        </span>
      </fieldset>
    {/each}
    <Button
      onclick={() =>
        editor.change({
          faults: [...(chart.faults ?? []), { seen: '', cause: '', cue: '' }]
        })}>Add a fault</Button
    >
    {@render lines('Cautions', 'cautions', 3, 'one a line')}
  </div>
  <div class="flex flex-col gap-2">
    <NeighbourPick label="Customarily before it" key="precedes" />
    <NeighbourPick label="Customarily after it" key="follows" />
  </div>
</div>
<AboutPieces />
