<script lang="ts">
  import { api, need } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { readingList } from '$lib/list/reading-list';
  import { getSettings } from '$lib/settings/settings.svelte';
  import AroundPanel from './AroundPanel.svelte';
  import LinkMap from './LinkMap.svelte';
  import { layOut } from './map-layout';
  import PairPanel from './PairPanel.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  const settings = getSettings();
  const read = loaded(
    () => ({ dance: settings.dance, list: settings.list }),
    async ({ dance }) => {
      const [map, list] = await Promise.all([
        need(api.GET('/api/links/map', { params: { query: { dance } } })),
        readingList(settings)
      ]);
      return { dance, map, levels: list.levels };
    }
  );
  const found = $derived(read.current);
  const levels = $derived(found?.levels ?? []);
  let upTo = $state('');
  // A pair is of the dance that is shown: another dance begins without.
  const dance = $derived(settings.dance);
  let before = $derived<string>(dance && '');
  let after = $derived<string>(dance && '');
  const map = $derived(found?.dance === settings.dance ? found.map : null);
  const listed = $derived(
    upTo ? new Set(levels.slice(0, levels.findIndex((l) => l.name === upTo) + 1).flatMap((l) => l.figures)) : null
  );
  const layout = $derived(map ? layOut(map, (id) => listed === null || listed.has(id)) : null);
  const whole = (key: string) => key.replace(/[~@*^].*/, '');
  const ordered = $derived(map ? Object.entries(map.names).sort((a, b) => a[1].localeCompare(b[1])) : []);

  function pick(first: string, second: string) {
    [before, after] = [first, second];
  }
  const field = 'rounded-xs border border-strong bg-raised px-1.5 py-0.5';
</script>

<div class="mb-3 flex flex-wrap items-end gap-x-4 gap-y-2 border-b-2 border-ink pb-2 text-sm">
  <h1 class="text-3xl">Links</h1>
  <label
    >after <select bind:value={before} class={field}>
      <option value="">any figure</option>
      {#each ordered as [id, name] (id)}<option value={id}>{name}</option>{/each}
      {#if before && before !== whole(before)}<option value={before}>{before}</option>{/if}
    </select></label
  >
  <label
    >comes <select bind:value={after} class={field}>
      <option value="">any figure</option>
      {#each ordered as [id, name] (id)}<option value={id}>{name}</option>{/each}
      {#if after && after !== whole(after)}<option value={after}>{after}</option>{/if}
    </select></label
  >
  <label
    >up to level <select bind:value={upTo} class={field}>
      <option value="">any</option>
      {#each levels as level, nth (nth)}<option>{level.name}</option>{/each}
    </select></label
  >
  <p class="ml-auto flex items-center gap-3 text-soft">
    <span><span class="mr-1 inline-block size-3 bg-sound opacity-45"></span>computed</span>
    <span><span class="mr-1 inline-block size-3 bg-sound"></span>and customary</span>
    <span><span class="mr-1 inline-block size-3 bg-doubtful opacity-60"></span>if changed</span>
    <span><span class="mr-1 inline-block size-3 border-2 border-sound"></span>as a part or variant</span>
  </p>
</div>
<Failed why={read.failed} />
{#if layout && map}
  {#if layout.rowOf.size === 0}
    <p class="text-soft">No figure of this dance {upTo ? 'on these levels ' : ''}is charted for both roles yet.</p>
  {:else}
    <div class="grid grid-cols-1 gap-5 lg:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)]">
      <div class="min-w-0">
        <LinkMap {layout} names={map.names} before={whole(before)} after={whole(after)} onpick={pick} />
        <p class="mt-1 text-xs text-soft">
          Rows are danced first, in bands of how they end: {layout.rows
            .map((s) => `${s.words} (${s.figures.length})`)
            .join('; ')}. Columns follow, in bands of how they begin: {layout.columns
            .map((s) => `${s.words} (${s.figures.length})`)
            .join('; ')}.
        </p>
      </div>
      <div class="flex min-w-0 flex-col gap-4">
        {#if before && after}<PairPanel {before} {after} dance={settings.dance} />{/if}
        {#if before || after}
          <AroundPanel
            figure={before || after}
            onpair={pick}
            onway={(key) => (before ? (before = key) : (after = key))}
          />
        {:else}
          <p class="max-w-prose text-soft">
            Choose a square for why the two can or cannot be joined, or a figure for all that leads into it and out of
            it.
            {layout.cells.filter((c) => c.verdict === 'yes').length} of {layout.rowOf.size * layout.rowOf.size} pairs hold
            as they stand, {layout.cells.filter((c) => c.verdict === 'yes-if').length} if something is changed.
          </p>
        {/if}
      </div>
    </div>
  {/if}
{/if}
