<script lang="ts">
  import { goto } from '$app/navigation';
  import { api, need, type RoleName, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { NAMES } from '$lib/figure/spine/row-layout';
  import { getSettings } from '$lib/settings/settings.svelte';
  import type { Column } from '$lib/figure/figure-editor.svelte';
  import FigurePick from '$lib/library/FigurePick.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  /** Two charts side by side, row answering row. Each side is a figure's id, with @ and a version where one is meant. */
  let { left, right }: { left: string; right: string } = $props();
  const settings = getSettings();
  const compared = loaded(
    () => ({ left, right }),
    async ({ left, right }) =>
      left && right
        ? need(api.POST('/api/compare', { body: { left: { figure: left }, right: { figure: right } } }))
        : undefined
  );
  const both = $derived(compared.failed ? undefined : compared.current);
  let all = $state(true);
  const versions = loaded(
    () => [left, right].map((side) => side.split('@')[0] ?? '').filter(Boolean),
    async (ids) => Object.fromEntries(await Promise.all(ids.map(versionsOf)))
  );
  const rows = $derived((both?.rows ?? []).filter((row) => all || !row.same));
  const roles = $derived((['man', 'lady'] as RoleName[]).filter((role) => rows.some((row) => row.role === role)));

  async function versionsOf(id: string): Promise<[string, Schemas['VersionLine'][]]> {
    // A figure that is not there is told by the comparison itself.
    return [id, await need(api.GET('/api/figures/{id}/versions', { params: { path: { id } } })).catch(() => [])];
  }

  function choose(side: 'left' | 'right', id: string) {
    const query = new URLSearchParams({ left, right, [side]: id });
    void goto(`/compare?${query}`, { replaceState: true, keepFocus: true });
  }

  /** Lists and small tables of the format as plain words. */
  function plain(text: string): string {
    if (!/^[[{]/.test(text)) return text;
    try {
      return flat(JSON.parse(text));
    } catch {
      return text;
    }
  }
  function flat(value: unknown): string {
    if (Array.isArray(value)) return value.map(flat).join('; ');
    if (value === null || typeof value !== 'object') return String(value);
    return Object.entries(value)
      .map(([key, inner]) => `${key} ${flat(inner)}`)
      .join(', ');
  }

  const shown = (key: string) => NAMES[key as Column] ?? key;
  const version = (side: string) => (side.includes('@') ? side.slice(side.indexOf('@') + 1) : '');

  /** Both turns, or that of the one who dances alone. */
  const told = (side: { manTurn: string; ladyTurn: string }) =>
    [
      side.manTurn && `${settings.role('man')} ${side.manTurn}`,
      side.ladyTurn && `${settings.role('lady')} ${side.ladyTurn}`
    ]
      .filter(Boolean)
      .join(', ');
</script>

{#snippet chooser(side: 'left' | 'right', value: string)}
  {@const known = side === 'left' ? both?.left : both?.right}
  <label class="text-sm text-soft"
    >{side === 'left' ? 'This' : 'against'}
    <FigurePick
      label={side === 'left' ? 'This figure' : 'against this figure'}
      value={value.split('@')[0] ?? ''}
      name={known?.name ?? value.split('@')[0] ?? ''}
      onpick={(id) => choose(side, id)}
    /></label
  >
  {#if versions.current?.[value.split('@')[0] ?? '']?.length}
    {@const id = value.split('@')[0] ?? ''}
    <select
      aria-label={side === 'left' ? 'Version of the left one' : 'Version of the right one'}
      class="-ml-3 rounded-xs border border-strong bg-raised px-1 py-0.5 text-sm"
      value={version(value)}
      onchange={(e) => choose(side, e.currentTarget.value === '' ? id : `${id}@${e.currentTarget.value}`)}
    >
      <option value="">as it stands</option>
      {#if known?.shipped}<option value="0">as shipped</option>{/if}
      {#each versions.current[id] ?? [] as each, nth (nth)}<option value={String(each.number)}
          >version {each.number}{each.note ? `: ${each.note}` : ''}</option
        >{/each}
    </select>
  {/if}
{/snippet}

<div class="mb-3 flex flex-wrap items-end gap-4 border-b-2 border-ink pb-2">
  <h1 class="text-3xl">Compare</h1>
  {@render chooser('left', left)}
  {@render chooser('right', right)}
  <label class="flex items-center gap-1 text-sm"
    ><input type="checkbox" bind:checked={all} /> rows that are the same too</label
  >
  {#if both}
    <p class="ml-auto text-sm" role="status">
      {both.differentRows === 0
        ? 'The same in every row.'
        : `${both.differentRows} of ${both.rows.length} rows differ.`}
    </p>
    {#if !`${left}${right}`.includes('@')}
      <a
        class="rounded-xs border border-strong bg-raised px-2.5 py-1 text-sm hover:border-accent hover:text-accent"
        href="/print/comparison/{encodeURIComponent(left)}?with={encodeURIComponent(right)}">Print or PDF</a
      >
    {/if}
  {/if}
</div>
<Failed why={compared.failed} />
{#if !left || !right}
  <p class="text-soft">
    Find {left || right ? 'the other figure' : 'two figures'} above, or open a figure and press Compare for its versions and
    for what it was made from.
  </p>
{:else if both}
  <div class="mb-3 grid grid-cols-2 gap-6 text-sm">
    {#each [both.left, both.right] as side, i (i)}
      <p>
        <span class="font-display text-xl font-semibold">{side.name}</span>
        <span class="text-soft">{side.dance}, {side.bars}, {side.position};</span>
        <span class="amount">{told(side)}</span>
      </p>
    {/each}
  </div>
  {#each roles as role (role)}
    <section class="mb-4" aria-label={settings.Role(role)}>
      <h2 class={['border-b border-line text-base', role === 'man' ? 'text-man' : 'text-lady']}>
        {settings.Role(role)}
      </h2>
      {#each rows.filter((row) => row.role === role) as row, nth (nth)}
        <div
          class={[
            'grid grid-cols-[2.2rem_1fr_2.2rem_1fr] gap-x-2 border-b border-line py-1 text-sm',
            row.same && 'text-soft'
          ]}
        >
          {#each ['left', 'right'] as const as side (side)}
            <span class="text-right font-display text-base leading-5">{row[side] || ''}</span>
            <p class="min-w-0">
              {#if row[side] === 0}
                <span class="text-soft">no such row</span>
              {:else}
                {#each row.cells as cell, nth (nth)}
                  {#if cell[side] || !cell.same}
                    <span
                      class={[
                        'mr-2 inline-block',
                        !cell.same &&
                          row.left > 0 &&
                          row.right > 0 &&
                          'rounded-xs bg-doubtful-tint px-1 font-semibold text-ink'
                      ]}
                      ><span class="text-xs text-soft"
                        >{['count', 'foot', 'place', 'align', 'turn'].includes(cell.key)
                          ? ''
                          : `${shown(cell.key)} `}</span
                      >{cell[side] || `no ${shown(cell.key)}`}</span
                    >
                  {/if}
                {/each}
              {/if}
            </p>
          {/each}
        </div>
      {/each}
    </section>
  {/each}
  {#if both.besides.filter((c) => !['id', 'name'].includes(c.key)).length > 0}
    <section aria-label="Besides the rows">
      <h2 class="border-b border-line text-base">Besides the rows</h2>
      {#each both.besides.filter((c) => !['id', 'name'].includes(c.key)) as change, nth (nth)}
        <div class="grid grid-cols-[6rem_1fr_1fr] gap-3 border-b border-line py-1 text-sm">
          <span class="text-soft">{change.key}</span>
          <span class="break-words">{plain(change.before) || 'nothing'}</span>
          <span class="break-words">{plain(change.after) || 'nothing'}</span>
        </div>
      {/each}
    </section>
  {/if}
{/if}
