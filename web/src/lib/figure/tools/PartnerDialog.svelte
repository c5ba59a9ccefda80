<script lang="ts">
  import { api, need, type RoleName, type Row, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Dialog from '$lib/ui/Dialog.svelte';
  import { getFigureEditor } from '$lib/figure/figure-editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import { NAMES } from '$lib/figure/spine/row-layout';
  import Failed from '$lib/ui/Failed.svelte';

  let { open = $bindable() }: { open: boolean } = $props();
  const editor = getFigureEditor();
  const settings = getSettings();
  let from = $state<RoleName>('man');
  const to = $derived<RoleName>(from === 'man' ? 'lady' : 'man');

  const asked = loaded(
    () => (open ? from : undefined),
    async (role) => (role ? need(api.POST('/api/proposals/partner', { body: { chart: editor.chart, role } })) : [])
  );
  const proposed = $derived(asked.failed ? [] : (asked.current ?? []));
  /** Which rows are taken: those that are not there yet, until chosen otherwise. */
  let wanted = $derived(proposed.map((row) => row.now === undefined));

  /** The cells in which a proposed row differs from the row that is there. */
  function differences(row: Schemas['ProposedRow']): { name: string; now: string; text: string }[] {
    const keys = Object.keys(NAMES) as (keyof typeof NAMES)[];
    return keys
      .map((key) => ({ name: NAMES[key], now: String(row.now?.[key] ?? ''), text: String(row.row[key] ?? '') }))
      .filter(
        (cell) => cell.now !== cell.text && !(['lead', 'note', 'position', 'hold'].includes(cell.name) && !cell.text)
      );
  }

  function take() {
    const there = editor.chart[to] ?? [];
    const rows = proposed.map((row, i): Row | undefined => {
      if (!wanted[i]) return there[i];
      const kept = there[i];
      const keep = kept ? { position: kept.position, hold: kept.hold, lead: kept.lead, note: kept.note } : {};
      return Object.fromEntries(Object.entries({ ...keep, ...row.row }).filter(([, v]) => v !== undefined)) as Row;
    });
    const taken = rows.filter((row): row is Row => row !== undefined);
    editor.take(
      { ...editor.chart, [to]: [...taken, ...there.slice(proposed.length)] },
      `${wanted.filter(Boolean).length} rows derived.`
    );
    open = false;
  }

  function onkeydown(event: KeyboardEvent) {
    if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
      event.preventDefault();
      take();
    }
  }
</script>

<svelte:window onkeydown={(event) => open && onkeydown(event)} />

<Dialog bind:open title="The partner's rows, as they usually follow" wide>
  <p class="mb-2 text-sm text-soft">
    A proposal: every row is taken, or left as it is, one by one. Rows that are charted already stay unless you choose
    them. Underarm turns, extra steps and another rhythm are yours to chart.
  </p>
  <label class="mb-2 block text-sm"
    >from the
    <select bind:value={from} class="rounded-xs border border-strong bg-raised px-1 py-0.5">
      <option value="man">{settings.role('man')}'s rows</option>
      <option value="lady">{settings.role('lady')}'s rows</option>
    </select></label
  >
  <Failed small why={settings.say(asked.failed)} />
  {#if proposed.length > 0 && proposed.every((p) => differences(p).length === 0)}
    <p class="text-sm">The {settings.role(to)}'s rows are just as they follow.</p>
  {/if}
  <ul class="divide-y divide-line border-y border-line text-sm">
    {#each proposed as row, i (i)}
      {@const cells = differences(row)}
      {#if cells.length > 0}
        <li class="flex gap-3 py-1.5">
          <input
            type="checkbox"
            checked={wanted[i]}
            onchange={(event) => (wanted = wanted.with(i, event.currentTarget.checked))}
            aria-label="Take the {settings.role(to)}'s step {row.step}"
            class="mt-1"
          />
          <div class="min-w-0">
            <p class={to === 'man' ? 'text-man' : 'text-lady'}>
              <span class="font-semibold">{settings.Role(to)} {row.step}</span>
              {row.text}
            </p>
            <p class="text-soft">
              {row.because.charAt(0).toUpperCase() + row.because.slice(1)}.{row.sure ? '' : ' Look at it twice.'}
            </p>
            {#if row.now}
              <p class="text-xs">
                {#each cells as cell, nth (nth)}<span class="mr-3"
                    >{cell.name}: <s class="text-soft">{cell.now || 'nothing'}</s> → {cell.text || 'nothing'}</span
                  >{/each}
              </p>
            {/if}
          </div>
        </li>
      {/if}
    {/each}
  </ul>
  <div class="mt-3 flex justify-end gap-2">
    <Button onclick={() => (open = false)}>Cancel</Button>
    <Button kind="main" disabled={!wanted.some(Boolean)} onclick={take} title="Ctrl+Enter">Take chosen rows</Button>
  </div>
</Dialog>
