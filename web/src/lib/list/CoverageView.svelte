<script lang="ts">
  import { api, need, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { readingList } from './reading-list';
  import { getSettings } from '$lib/settings/settings.svelte';
  import LibraryLinks from './LibraryLinks.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  const settings = getSettings();
  const covered = loaded(
    () => settings.list,
    async () => {
      const { id, name } = await readingList(settings);
      return { name, dances: await need(api.GET('/api/lists/{id}/coverage', { params: { path: { id } } })) };
    }
  );
  const dances = $derived(covered.current?.dances ?? null);

  const sum = (of: (dance: Schemas['CoverageView']) => number) => (dances ?? []).reduce((n, dance) => n + of(dance), 0);
  const charted = (dance: Schemas['CoverageView']) => dance.levels.reduce((n, level) => n + level.charted, 0);
  const listed = (dance: Schemas['CoverageView']) => dance.levels.reduce((n, level) => n + level.listed, 0);
</script>

<LibraryLinks here="/coverage" />
<h1 class="text-3xl">Coverage</h1>
<Failed why={covered.failed} />
{#if dances}
  <p class="mb-3 max-w-prose text-soft">
    {sum(charted)} of the {sum(listed)} figures on “{covered.current?.name}” are charted, {sum((d) => d.rows)} rows for both
    roles;
    {sum((d) => d.doubtfulRows)} rows are marked as not sure. {sum((d) => d.agreeing)} of {sum((d) => d.pairs)} customary
    neighbours also compute as a link.
  </p>
  <table class="w-full text-sm">
    <thead>
      <tr class="border-b-2 border-ink text-left align-bottom">
        <th scope="col" class="py-1 font-display text-base font-bold">Dance</th>
        <th scope="col" class="font-semibold">charted, level by level</th>
        <th scope="col" class="px-2 text-right font-semibold">rows</th>
        <th scope="col" class="px-2 text-right font-semibold">not sure</th>
        <th scope="col" class="px-2 text-right font-semibold">options</th>
        <th scope="col" class="px-2 text-right font-semibold">variants</th>
        <th scope="col" class="px-2 text-right font-semibold">parts</th>
        <th scope="col" class="px-2 text-right font-semibold">neighbours</th>
      </tr>
    </thead>
    <tbody>
      {#each dances as dance (dance.dance)}
        <tr class="border-b border-line align-top">
          <th scope="row" class="py-1.5 pr-3 text-left font-display text-base font-semibold whitespace-nowrap"
            >{dance.title}</th
          >
          <td class="py-1.5">
            <span class="flex flex-wrap gap-x-4 gap-y-1">
              {#each dance.levels as level, nth (nth)}
                <span class="flex items-center gap-1.5"
                  ><span class="text-soft">{level.name}</span>
                  <svg viewBox="0 0 {level.listed * 4} 8" width={level.listed * 4} height="8" aria-hidden="true">
                    {#each Array.from({ length: level.listed }, (_, i) => i) as i (i)}<rect
                        x={i * 4}
                        width="3"
                        height="8"
                        fill={i < level.charted ? 'var(--color-accent)' : 'none'}
                        stroke="var(--color-strong)"
                        stroke-width={i < level.charted ? 0 : 0.7}
                      />{/each}
                  </svg>
                  <span class="amount">{level.charted} of {level.listed}</span></span
                >
              {/each}
            </span>
            {#if dance.levels.some((l) => l.missing.length) || dance.doubtfulFigures.length}
              <details class="mt-1 text-soft">
                <summary class="cursor-pointer">which are missing or not sure</summary>
                {#each dance.levels.filter((l) => l.missing.length) as level, nth (nth)}<p>
                    {level.name}, not charted yet: {level.missing.join(', ')}
                  </p>{/each}
                {#if dance.doubtfulFigures.length}<p>rows not sure of: {dance.doubtfulFigures.join(', ')}</p>{/if}
              </details>
            {/if}
          </td>
          <td class="amount px-2 py-1.5 text-right">{dance.rows}</td>
          <td class={['amount px-2 py-1.5 text-right', dance.doubtfulRows > 0 && 'text-doubtful']}
            >{dance.doubtfulRows}</td
          >
          <td class="amount px-2 py-1.5 text-right">{dance.options}</td>
          <td class="amount px-2 py-1.5 text-right">{dance.variants}</td>
          <td class="amount px-2 py-1.5 text-right">{dance.parts}</td>
          <td class="amount px-2 py-1.5 text-right">{dance.agreeing} of {dance.pairs}</td>
        </tr>
      {/each}
    </tbody>
  </table>
{/if}
