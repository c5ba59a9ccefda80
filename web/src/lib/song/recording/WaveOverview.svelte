<script lang="ts">
  import type { Song } from '$lib/api/client';
  import { outline } from './peaks';

  interface Props {
    song: Song;
    /** One channel; nothing until it is decoded. */
    sound: Float32Array | undefined;
    rate: number;
    /** Seconds of the recording now. */
    at: number;
    /** What the detail below shows. */
    shown: { from: number; to: number };
    onseek: (second: number) => void;
  }

  let { song, sound, rate, at, shown, onseek }: Props = $props();
  const WIDTH = 1200;
  const HEIGHT = 56;
  const recording = $derived(song.recording);
  const seconds = $derived(recording?.seconds ?? 1);
  const path = $derived(sound ? outline(sound, rate, { from: 0, to: seconds }, { width: WIDTH, height: HEIGHT }) : '');
  const share = (second: number) => `${Math.max(0, Math.min(100, (second / seconds) * 100))}%`;
  /** Where a bar begins, counted from 0; what is written beyond the recording lies at its end. */
  const begins = (bar: number) => recording?.beats[(recording.one ?? 0) + bar * song.beatsPerBar] ?? seconds;
  /** Where each section begins and the last one ends. */
  const edges = $derived.by(() => {
    let bar = 0;
    return [{ bars: 0 }, ...song.sections].map(({ bars }) => begins((bar += bars)));
  });
  /** Shorter than this is only the silence before the music. */
  const FREE_SECONDS = 2;
  const LOOKS = { introduction: 'bg-man-tint', dance: 'bg-sheet', ending: 'bg-lady-tint' };
</script>

<div
  class="relative h-20 overflow-hidden border-y border-strong has-[:focus-visible]:outline-2 has-[:focus-visible]:outline-accent"
>
  {#each song.sections as section, i (i)}
    <div
      class={['absolute inset-y-0 overflow-hidden border-l-2 border-ink px-1.5 text-xs', LOOKS[section.kind]]}
      style:left={share(edges[i] ?? 0)}
      style:width={share((edges[i + 1] ?? seconds) - (edges[i] ?? 0))}
    >
      <span class="font-display text-sm font-semibold">{section.name}</span>
      <span class="text-soft">{section.bars}</span>
    </div>
  {/each}
  {#if (edges[0] ?? 0) > FREE_SECONDS}
    <span class="absolute inset-y-0 left-0 overflow-hidden px-1.5 text-xs text-soft" style:width={share(edges[0] ?? 0)}
      >not counted</span
    >
  {/if}
  <svg
    viewBox="0 0 {WIDTH} {HEIGHT}"
    preserveAspectRatio="none"
    class="absolute bottom-0 h-14 w-full fill-ink opacity-75"
    aria-hidden="true"><path d={path} /></svg
  >
  {#each (song.tempos ?? []).slice(1) as tempo, nth (nth)}
    <span
      class="absolute bottom-0 border-l border-dashed border-accent bg-ground/80 px-1 text-xs text-accent"
      style:left={share(begins(tempo.bar - 1))}>{tempo.barsPerMinute}</span
    >
  {/each}
  <div
    class="pointer-events-none absolute inset-y-0 border-x border-accent bg-accent/15"
    style:left={share(shown.from)}
    style:width={share(shown.to - shown.from)}
  ></div>
  <input
    type="range"
    class="absolute inset-0 h-full w-full cursor-pointer opacity-0"
    aria-label="Place in the recording, in seconds"
    min="0"
    max={seconds}
    step="0.1"
    value={at}
    oninput={(event) => onseek(Number(event.currentTarget.value))}
  />
  <div class="pointer-events-none absolute inset-y-0 w-0.5 bg-broken" style:left={share(at)}></div>
</div>
