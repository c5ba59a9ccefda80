<script lang="ts">
  import type { RoleName, Word } from '$lib/api/client';
  import { getFigureEditor } from '$lib/state/figure-editor.svelte';
  import { getSettings } from '$lib/state/settings.svelte';
  import { spinePlaces } from './spine-geometry';
  import SpineRow from './SpineRow.svelte';

  let { vocabulary }: { vocabulary: Record<string, Word[]> } = $props();
  const editor = getFigureEditor();
  const settings = getSettings();
  const ROLES: RoleName[] = ['man', 'lady'];
  const places = $derived(
    spinePlaces(
      { man: editor.work.man.rows, lady: editor.work.lady.rows },
      { man: editor.chart.man?.length ?? 0, lady: editor.chart.lady?.length ?? 0 }
    )
  );
  const bars = $derived(
    Array.from({ length: Math.ceil(editor.work.beats / editor.work.beatsPerBar) }, (_, i) => ({
      number: i + 1,
      top: i * editor.work.beatsPerBar * places.scale
    }))
  );
  const at = (role: RoleName, step: number) =>
    editor.work.findings.filter((f) => !f.variant && f.role === role && f.step === step);
</script>

<section aria-label="Spine" class="min-w-0">
  <div class="grid grid-cols-[1fr_2.5rem_1fr] items-end pb-1">
    <h2 class="pr-9 text-right text-base text-man">
      {settings.Role('man')} <span class="amount text-sm text-soft">{editor.work.man.turn}</span>
    </h2>
    <span></span>
    <h2 class="pl-9 text-base text-lady">
      {settings.Role('lady')} <span class="amount text-sm text-soft">{editor.work.lady.turn}</span>
    </h2>
  </div>
  <div class="relative border-b border-line" style:height="{places.height}px">
    <div class="absolute inset-y-0 left-1/2 w-10 -translate-x-1/2 border-x-2 border-ink bg-sheet" aria-hidden="true">
      {#each bars as bar (bar.number)}
        <div class="absolute inset-x-0 border-t-2 border-ink text-center" style:top="{bar.top}px">
          <span class="block pt-0.5 text-[0.7rem] leading-3 text-soft">bar</span>
          <span class="font-display text-xl leading-5">{bar.number}</span>
        </div>
      {/each}
    </div>
    {#each ROLES as role (role)}
      {#each places[role] as place, index (index)}
        <div
          class={['absolute w-[calc(50%-1.25rem)]', role === 'man' ? 'left-0' : 'right-0']}
          style:top="{place.top}px"
          style:height="{place.height}px"
        >
          <SpineRow {role} {index} {vocabulary} findings={at(role, index + 1)} />
        </div>
      {/each}
    {/each}
  </div>
</section>
