<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { clock } from '$lib/song/clock';

  interface Props {
    fit: Schemas['FitView'];
    /** Bars of the routine; the ribbon may be longer. */
    danced: number;
    bars: number;
    perBar: number;
    beatsPerBar: number;
  }

  let { fit, danced, bars, perBar, beatsPerBar }: Props = $props();
  const x = (beat: number) => (beat / beatsPerBar) * perBar;
  const first = $derived(fit.falls[0]);
  const sections = $derived(
    fit.meetings.map((meeting, i) => ({ ...meeting, end: fit.meetings[i + 1]?.startBeat ?? bars * beatsPerBar }))
  );
  const opening = $derived(
    first && (sections[0]?.startBeat ?? 1) > 0
      ? { section: first.section, end: sections[0]?.startBeat ?? bars * beatsPerBar }
      : null
  );
</script>

<div class="relative h-8 text-xs" role="group" aria-label="Song over the ribbon: {fit.song}">
  {#if opening}
    <div
      class="absolute inset-y-0 border-l-2 border-man bg-man-tint px-1.5"
      style:left="0"
      style:width="{x(opening.end)}px"
    >
      <span class="font-semibold text-man">{opening.section}</span>
    </div>
  {/if}
  {#each sections as section, i (i)}
    <div
      class={[
        'absolute inset-y-0 overflow-hidden border-l-2 px-1.5 whitespace-nowrap',
        section.late === 0 ? 'border-man' : 'border-doubtful',
        i % 2 === 0 ? 'bg-man-tint' : 'bg-lady-tint'
      ]}
      style:left="{x(section.startBeat)}px"
      style:width="{x(section.end - section.startBeat)}px"
    >
      <span class="font-semibold">{section.section}</span>
      <span class="text-soft">{clock(section.seconds)}</span>
      {#if section.late > 0}<span class="block text-doubtful"
          >figure {section.block + 1} began {section.late} {section.late === 1 ? 'beat' : 'beats'} before</span
        >{/if}
    </div>
  {/each}
  {#each fit.accents as accent, nth (nth)}
    <span
      class={['absolute bottom-0 -translate-x-1/2 font-bold', accent.begins ? 'text-sound' : 'text-soft']}
      style:left="{x(accent.startBeat)}px"
      title="accent at {accent.bar}:{accent.beat}{accent.begins ? ', a figure begins on it' : ''}">▲</span
    >
  {/each}
  {#if fit.spareBars < 0}<span
      class="absolute inset-y-0 right-0 border-l-2 border-broken bg-broken-tint px-1 text-broken"
      style:left="{x((danced + fit.spareBars) * beatsPerBar)}px">the song is over</span
    >{/if}
</div>
