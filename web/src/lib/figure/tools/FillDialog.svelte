<script lang="ts">
  import { api, need, type RoleName, type Row } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import Button from '$lib/ui/Button.svelte';
  import FirstFew from '$lib/ui/FirstFew.svelte';
  import Dialog from '$lib/ui/Dialog.svelte';
  import { rewrite } from '$lib/figure/rewrite';
  import { getFigureEditor, type Column } from '$lib/figure/figure-editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import { NAMES } from '$lib/figure/spine/row-layout';
  import Failed from '$lib/ui/Failed.svelte';

  let { open = $bindable() }: { open: boolean } = $props();
  const editor = getFigureEditor();
  const settings = getSettings();
  const asked = loaded(
    () => open,
    async (shown) => {
      turn = 0;
      said = '';
      return shown ? need(api.POST('/api/proposals/cells', { body: editor.chart })) : undefined;
    }
  );
  const cells = $derived(asked.current ?? null);
  let wanted = $derived((cells ?? []).map(() => true));
  /** The turn that is to be divided, in sixteenths, and where it ends; none before one is asked for. */
  let turn = $state(0);
  let divided = $state<{ role: RoleName; step: number }>();
  let said = $state('');
  const ways = loaded(
    () => (turn === 0 ? undefined : divided),
    async (of) =>
      of ? need(api.POST('/api/proposals/shares', { body: { chart: editor.chart, role: of.role, step: of.step } })) : []
  );

  async function share(way: string) {
    if (!divided) return;
    const { role, step } = divided;
    said = await rewrite(editor, (chart) =>
      need(api.POST('/api/proposals/share', { body: { chart, role, step, way } }))
    );
    if (said === '') open = false;
  }
  const division = loaded(
    () => turn,
    async (sixteenths) => {
      if (sixteenths === 0) return '';
      const path = { sixteenths };
      return (await need(api.GET('/api/proposals/division/{sixteenths}', { params: { path } }))).words;
    }
  );

  const largest = $derived(
    (['man', 'lady'] as RoleName[])
      .flatMap((role) => editor.work[role].rows.map((row) => ({ role, row })))
      .filter((each) => Math.abs(each.row.turn) >= 6)
  );

  function take() {
    const chart = { ...editor.chart };
    (cells ?? []).forEach((cell, i) => {
      if (!wanted[i]) return;
      const role = cell.role as RoleName;
      const column = cell.column as Column;
      chart[role] = (chart[role] ?? []).map((row, at): Row =>
        at === cell.step - 1 ? { ...row, [column]: cell.text } : row
      );
    });
    editor.take(chart, `${wanted.filter(Boolean).length} cells filled.`);
    open = false;
  }
</script>

<Dialog bind:open title="Cells that follow from others" wide>
  <Failed small why={asked.failed} />
  {#if cells?.length === 0}
    <p class="text-sm">Every alignment and turn that can be worked out is charted.</p>
  {:else}
    <ul class="divide-y divide-line border-y border-line text-sm">
      {#each cells ?? [] as cell, i (i)}
        <li class="flex gap-3 py-1">
          <input
            type="checkbox"
            checked={wanted[i]}
            onchange={(event) => (wanted = wanted.with(i, event.currentTarget.checked))}
            aria-label="Fill the {settings.role(cell.role)}'s step {cell.step} {NAMES[cell.column as Column]}"
          />
          <span
            ><span class="font-semibold"
              >{settings.Role(cell.role)}
              {cell.step}, {NAMES[cell.column as Column]}: {cell.text}</span
            >
            <span class="text-soft">{cell.because}</span></span
          >
        </li>
      {/each}
    </ul>
  {/if}
  {#if largest.length > 0}
    <h3 class="mt-4 mb-1 text-base">How a large turn could be divided</h3>
    <ul class="flex flex-wrap gap-1.5">
      {#each largest as each, nth (nth)}
        <li>
          <Button
            aria-pressed={divided?.role === each.role && divided.step === each.row.number && turn !== 0}
            onclick={() => {
              divided = { role: each.role, step: each.row.number };
              turn = each.row.turn;
            }}
            >{settings.role(each.role)}
            {each.row.number}: <span class="amount">{each.row.turnKind || 'between the feet'}</span></Button
          >
        </li>
      {/each}
    </ul>
    {#if division.current}<p class="mt-1 text-sm" role="status">
        {division.current.charAt(0).toUpperCase() + division.current.slice(1)}.
      </p>{/if}
    <Failed small why={division.failed ?? ways.failed} />
    {#if (ways.current ?? []).length > 0 && !editor.locked}
      <p class="mt-2 text-sm text-soft">Or shared by the rows, written into them at once:</p>
      <FirstFew items={ways.current ?? []} label="Ways of sharing the turn">
        {#snippet children(way: string)}<Button onclick={() => void share(way)}>{way}</Button>{/snippet}
      </FirstFew>
    {/if}
    {#if said}<p role="alert" class="mt-1 text-sm text-broken">{said}</p>{/if}
  {/if}
  <div class="mt-3 flex justify-end gap-2">
    <Button onclick={() => (open = false)}>Close</Button>
    <Button kind="main" disabled={!wanted.some(Boolean)} onclick={take}>Fill chosen cells</Button>
  </div>
</Dialog>
