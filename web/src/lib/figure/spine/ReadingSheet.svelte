<script lang="ts">
  import type { RoleName } from '$lib/api/client';
  import { getFigureEditor } from '$lib/figure/figure-editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import { readColumns, told } from './reading';

  /** The chart as plain lines in order of the count, for a phone held beside the floor. */
  let { only }: { only: 'both' | RoleName } = $props();
  const editor = getFigureEditor();
  const settings = getSettings();
  const said = $derived(editor.work.aids.counts.find((c) => c.language === settings.count));
  const moments = $derived(
    [...new Set([...editor.work.man.rows, ...editor.work.lady.rows].map((row) => row.onset))].sort((a, b) => a - b)
  );

  const columns = $derived(readColumns(settings));

  function line(role: RoleName, index: number): string {
    return told(columns, (column) => editor.cell(role, index, column));
  }
</script>

<section aria-label="Reading view" class="min-w-0">
  <ol class="border-y border-line">
    {#each moments as onset (onset)}
      {@const rows = (['man', 'lady'] as const)
        .filter((role) => only === 'both' || only === role)
        .flatMap((role) => editor.work[role].rows.filter((row) => row.onset === onset).map((row) => ({ role, row })))}
      {#if rows.length > 0}
        <li class="flex gap-3 border-t border-line py-2 first:border-t-0">
          <span class="w-12 shrink-0 text-center font-display text-2xl leading-7"
            >{said?.[rows[0]?.role ?? 'man'][(rows[0]?.row.number ?? 1) - 1] ?? rows[0]?.row.count}<span
              class="block text-xs leading-3 text-soft">{rows[0]?.row.at}</span
            ></span
          >
          <div class="min-w-0 grow">
            {#each rows as { role, row } (role)}
              <p class={role === 'man' ? 'text-man' : 'text-lady'}>
                <span class="text-xs">{settings.role(role)} {row.number}</span>
                <span class="font-semibold">{row.spoken}</span>
              </p>
              <p class="mb-1 text-sm text-soft">{line(role, row.number - 1)}</p>
            {/each}
          </div>
        </li>
      {/if}
    {/each}
  </ol>
</section>
