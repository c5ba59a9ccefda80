<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { clock } from './clock';

  let { view }: { view: Schemas['SongView'] } = $props();
  const song = $derived(view.document);
  const phraseBars = $derived(song.phraseBars ?? 8);
  const bars = $derived(Math.max(1, view.bars));
  const begins = $derived(song.sections.map((_, i) => song.sections.slice(0, i).reduce((sum, s) => sum + s.bars, 0)));
  const share = (bar: number) => `${(bar / bars) * 100}%`;
  const LOOKS = {
    introduction: 'bg-man-tint border-man',
    dance: 'bg-raised border-ink',
    ending: 'bg-lady-tint border-lady'
  };
</script>

<div role="img" aria-label="The song from beginning to end: {view.bars} bars, {clock(view.seconds)}" class="text-xs">
  <div class="relative h-14">
    {#each song.sections as section, i (i)}
      <div
        class={['absolute inset-y-0 overflow-hidden border-l-2 px-1.5 py-1', LOOKS[section.kind]]}
        style:left={share(begins[i] ?? 0)}
        style:width={share(section.bars)}
      >
        <span class="block truncate font-display text-base leading-5 font-semibold">{section.name}</span>
        <span class="text-soft">{section.bars} bars</span>
      </div>
    {/each}
    {#each song.tempos.slice(1) as tempo, nth (nth)}
      <span
        class="absolute bottom-0 border-l border-dashed border-accent pl-1 text-accent"
        style:left={share(tempo.bar - 1)}>{tempo.barsPerMinute} a minute</span
      >
    {/each}
  </div>
  <div class="relative h-5 border-t border-strong">
    {#each Array.from({ length: Math.ceil(bars / phraseBars) }, (_, i) => i * phraseBars) as bar (bar)}
      <span class="absolute border-l border-strong pl-0.5 text-soft" style:left={share(bar)}>{bar + 1}</span>
    {/each}
    {#each song.accents as accent, nth (nth)}
      <span
        class="absolute -top-3 -translate-x-1/2 text-accent"
        style:left={share(accent.bar - 1 + (accent.beat - 1) / song.beatsPerBar)}>▲</span
      >
    {/each}
  </div>
</div>
