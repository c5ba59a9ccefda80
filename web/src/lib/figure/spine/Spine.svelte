<script lang="ts">
  import type { RoleName, Word } from '$lib/api/client';
  import { getFigureEditor } from '$lib/figure/figure-editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import { rowHeight } from './row-layout';
  import { spinePlaces } from './spine-geometry';
  import SpineRow from './SpineRow.svelte';

  interface Props {
    vocabulary: Record<string, Word[]>;
    /** Whose rows are shown. */
    only: 'both' | RoleName;
  }

  let { vocabulary, only }: Props = $props();
  const editor = getFigureEditor();
  const settings = getSettings();
  const roles = $derived<RoleName[]>(only === 'both' ? ['man', 'lady'] : [only]);
  const timed = (role: RoleName) =>
    only === 'both' || only === role
      ? editor.work[role].rows.map((row, i) => ({
          onset: row.onset,
          length: row.length,
          need: rowHeight(editor.shown[role]?.[i], settings)
        }))
      : [];
  const places = $derived(
    spinePlaces(
      { man: timed('man'), lady: timed('lady') },
      { man: editor.shown.man?.length ?? 0, lady: editor.shown.lady?.length ?? 0 },
      rowHeight(undefined, settings)
    )
  );
  const bars = $derived(
    Array.from(
      { length: Math.ceil((editor.work.beats + editor.work.startBeat) / editor.work.beatsPerBar) },
      (_, i) => ({
        number: i + 1,
        top: places.scale(Math.max(0, i * editor.work.beatsPerBar - editor.work.startBeat))
      })
    )
  );
  const said = $derived(editor.work.aids.counts.find((c) => c.language === settings.count));
  const at = (role: RoleName, step: number) =>
    editor.work.findings.filter((f) => !f.variant && f.role === role && f.step === step);
</script>

{#snippet prepared(role: RoleName)}
  {@const before = editor.chart.start?.prepare?.[role]}
  {#if before && settings.shows('body')}
    <span class="block border-t border-dashed border-line pt-0.5 font-sans text-xs font-normal text-soft"
      >before the first count: {['hip', 'body', 'head', 'note']
        .map((cell) => ({ cell, text: before[cell as keyof typeof before] }))
        .filter(({ text }) => text)
        .map(({ cell, text }) => (cell === 'note' ? text : `${cell} ${text}`))
        .join(', ')}</span
    >
  {/if}
{/snippet}

<section aria-label="Spine" class="min-w-0">
  <div class={['grid items-end pb-1', only === 'both' ? 'grid-cols-[1fr_2.5rem_1fr]' : 'grid-cols-[2.5rem_1fr]']}>
    {#if only !== 'lady'}
      <h2 class={['text-base text-man', only === 'both' ? 'pr-9 text-right' : 'order-2 pl-9']}>
        {settings.Role('man')} <span class="amount text-sm text-soft">{editor.work.man.turn}</span>
        {@render prepared('man')}
      </h2>
    {/if}
    <span></span>
    {#if only !== 'man'}
      <h2 class="order-2 pl-9 text-base text-lady">
        {settings.Role('lady')} <span class="amount text-sm text-soft">{editor.work.lady.turn}</span>
        {@render prepared('lady')}
      </h2>
    {/if}
  </div>
  <div class="relative border-b border-line" style:height="{places.height}px">
    <div
      class={[
        'absolute inset-y-0 w-10 border-x-2 border-ink bg-sheet',
        only === 'both' ? 'left-1/2 -translate-x-1/2' : 'left-0'
      ]}
      aria-hidden="true"
    >
      {#each bars as bar (bar.number)}
        <div class="absolute inset-x-0 border-t-2 border-ink text-center" style:top="{bar.top}px">
          <span class="block pt-0.5 text-[0.7rem] leading-3 text-soft">bar</span>
          <span class="font-display text-xl leading-5">{bar.number}</span>
        </div>
      {/each}
    </div>
    {#each roles as role (role)}
      {#each places[role] as place, index (index)}
        <div
          class={[
            'absolute',
            only !== 'both'
              ? 'right-0 w-[calc(100%-2.5rem)]'
              : ['w-[calc(50%-1.25rem)]', role === 'man' ? 'left-0' : 'right-0']
          ]}
          style:top="{place.top}px"
          style:height="{place.height}px"
        >
          <SpineRow
            {role}
            {index}
            {vocabulary}
            findings={at(role, index + 1)}
            mirrored={only === 'both' && role === 'man'}
            said={said?.[role][index]}
          />
        </div>
      {/each}
      {#if places[role].length === 0}
        <p
          class={[
            'absolute top-2 w-[44%] text-sm text-soft',
            role === 'lady' && only === 'both' ? 'right-0' : 'left-0'
          ]}
        >
          No rows for the {settings.role(role)}: the {settings.role(role === 'man' ? 'lady' : 'man')} dances alone. Derive
          them with Partner, or type them.
        </p>
      {/if}
    {/each}
  </div>
</section>
