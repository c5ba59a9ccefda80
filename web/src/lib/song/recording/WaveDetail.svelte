<script lang="ts">
  import type { Song } from '$lib/api/client';
  import { nearestBeat, outline, placeOf } from './peaks';

  interface Props {
    song: Song;
    sound: Float32Array | undefined;
    rate: number;
    at: number;
    shown: { from: number; to: number };
    /** The beat that is chosen, by its index; -1 for none. */
    chosen: number;
    /** Taps that have not been taken yet, in seconds. */
    taps: readonly number[];
    onchoose: (beat: number) => void;
    onmove: (beat: number, seconds: number) => void;
  }

  let { song, sound, rate, at, shown, chosen, taps, onchoose, onmove }: Props = $props();
  const WIDTH = 1200;
  const HEIGHT = 120;
  let dragged = $state<{ beat: number; seconds: number } | null>(null);
  let box = $state<HTMLDivElement>();
  const beats = $derived(song.recording?.beats ?? []);
  const one = $derived(song.recording?.one ?? 0);
  const path = $derived(sound ? outline(sound, rate, shown, { width: WIDTH, height: HEIGHT }) : '');
  const share = (second: number) => `${((second - shown.from) / (shown.to - shown.from)) * 100}%`;
  const inView = $derived(
    beats.flatMap((second, index) =>
      second >= shown.from - 0.2 && second <= shown.to + 0.2
        ? [{ index, second, ...placeOf(index, one, song.beatsPerBar) }]
        : []
    )
  );
  const accents = $derived(new Set((song.accents ?? []).map((accent) => `${accent.bar}:${accent.beat}`)));

  function secondAt(event: PointerEvent): number {
    const bounds = box?.getBoundingClientRect();
    if (!bounds) return 0;
    return shown.from + ((event.clientX - bounds.left) / bounds.width) * (shown.to - shown.from);
  }

  function grab(event: PointerEvent) {
    const second = secondAt(event);
    const beat = nearestBeat(beats, second);
    if (beat < 0 || Math.abs((beats[beat] ?? 0) - second) > 0.25) return;
    onchoose(beat);
    dragged = { beat, seconds: beats[beat] ?? 0 };
    box?.setPointerCapture(event.pointerId);
  }

  function drag(event: PointerEvent) {
    if (dragged) dragged = { ...dragged, seconds: secondAt(event) };
  }

  function drop() {
    if (dragged && Math.abs(dragged.seconds - (beats[dragged.beat] ?? 0)) > 0.005) {
      onmove(dragged.beat, Math.round(dragged.seconds * 1000) / 1000);
    }
    dragged = null;
  }
</script>

<div
  bind:this={box}
  class="relative h-40 touch-none overflow-hidden border-b border-strong bg-raised"
  role="img"
  aria-label="The sound from {shown.from.toFixed(1)} to {shown.to.toFixed(1)} seconds with its beats"
  onpointerdown={grab}
  onpointermove={drag}
  onpointerup={drop}
  onpointercancel={() => (dragged = null)}
>
  <svg
    viewBox="0 0 {WIDTH} {HEIGHT}"
    preserveAspectRatio="none"
    class="absolute bottom-0 h-30 w-full fill-soft"
    aria-hidden="true"><path d={path} /></svg
  >
  {#each inView as { index, second, bar, beat } (index)}
    <div
      class={[
        'absolute inset-y-0 -ml-px cursor-ew-resize pl-1 text-xs',
        beat === 1 ? 'border-l-2 border-accent' : 'border-l border-dashed border-strong',
        index === chosen && 'border-l-4! border-solid! border-broken!'
      ]}
      style:left={share(dragged?.beat === index ? dragged.seconds : second)}
    >
      {#if beat === 1}<span class="font-display text-base font-semibold text-accent">{bar}</span>{:else}<span
          class="text-soft">{beat}</span
        >{/if}{#if accents.has(`${bar}:${beat}`)}<span class="ml-0.5 text-broken">▲</span>{/if}
    </div>
  {/each}
  {#each taps as tap, nth (nth)}<div
      class="absolute bottom-0 h-8 w-1 -translate-x-1/2 bg-lady"
      style:left={share(tap)}
    ></div>{/each}
  <div class="pointer-events-none absolute inset-y-0 w-0.5 bg-broken" style:left={share(at)}></div>
</div>
