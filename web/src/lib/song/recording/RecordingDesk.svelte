<script lang="ts">
  import { onMount } from 'svelte';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, Refusal, type Schemas, type Song } from '$lib/api/client';
  import { isShortcut } from '$lib/shell/typing';
  import { mono } from '$lib/stage/song';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import { clock } from '../clock';
  import CutList from './CutList.svelte';
  import DancesHeard from './DancesHeard.svelte';
  import { nearestBeat, placeOf } from './peaks';
  import { ACCEPTED, bringBack, soundOf } from './taking';
  import WaveDetail from './WaveDetail.svelte';
  import WaveOverview from './WaveOverview.svelte';

  interface Props {
    id: string;
    song: Song;
    /** Told the song as corrected, to be kept or undone. */
    onchange: (song: Song, what: string) => void;
  }

  let { id, song, onchange }: Props = $props();
  type Change = Omit<Schemas['Correction'], 'document'>;
  const SEEN = 9;
  const SPEEDS = [0.5, 0.6, 0.7, 0.8, 0.9, 1, 1.1, 1.2];
  const NUDGE = 0.01;
  /** Seconds from a sound's being played to its being heard, about. */
  const HEARD_LATER = 0.02;
  const UPBEAT = 0.3;
  const attempt = new Attempt();
  let audio = $state<HTMLAudioElement>();
  let buffer = $state.raw<AudioBuffer>();
  let sound = $state.raw<Float32Array>();
  let playing = $state(false);
  let at = $state(0);
  let speed = $state(1);
  let chosen = $state(-1);
  let taps = $state.raw<number[]>([]);
  const recording = $derived(song.recording);
  const beats = $derived(recording?.beats ?? []);
  const place = $derived(placeOf(nearestBeat(beats, at), recording?.one ?? 0, song.beatsPerBar));
  /** Before the first beat nothing is counted. */
  const isCounted = $derived(at > (beats[0] ?? 0) - UPBEAT);
  const bars = $derived(song.sections.reduce((sum, section) => sum + section.bars, 0));
  const selected = $derived(
    chosen >= 0 && chosen < beats.length ? placeOf(chosen, recording?.one ?? 0, song.beatsPerBar) : null
  );
  let from = $state(0);
  const shown = $derived({ from, to: from + SEEN });

  let gone = false;
  let missing = $state(false);

  async function load() {
    if (!recording) return;
    try {
      buffer = await soundOf(recording.file);
      sound = mono(buffer, 0, buffer.duration);
      missing = false;
    } catch (failure) {
      missing = failure instanceof Refusal && failure.status === 404;
      throw failure;
    }
  }

  onMount(() => {
    void attempt.run(load);
    let frame = 0;
    const follow = () => {
      frame = requestAnimationFrame(follow);
      if (!audio || !playing) return;
      at = audio.currentTime;
      if (at < from || at > from + SEEN * 0.85) from = Math.max(0, at - SEEN * 0.15);
    };
    follow();
    return () => {
      gone = true;
      cancelAnimationFrame(frame);
    };
  });

  function seek(second: number) {
    at = Math.max(0, Math.min(recording?.seconds ?? 0, second));
    if (audio) audio.currentTime = at;
    from = Math.max(0, Math.min((recording?.seconds ?? SEEN) - SEEN, at - SEEN * 0.4));
  }

  const toggle = () =>
    attempt.run(async () => {
      if (!audio) return;
      audio.preservesPitch = true;
      audio.playbackRate = speed;
      if (playing) audio.pause();
      else await audio.play();
    });

  function faster(to: number) {
    speed = to;
    if (audio) audio.playbackRate = to;
  }

  /** One correction after the other, each of what the one before has left: keys are quicker than answers. */
  let turn: Promise<unknown> = Promise.resolve();
  let waiting = $state(0);

  function correct(change: () => Partial<Change> & Pick<Change, 'kind'>, what: string) {
    waiting++;
    turn = turn.then(() => attempt.run(() => corrected(change, what))).finally(() => waiting--);
  }

  async function corrected(change: () => Partial<Change> & Pick<Change, 'kind'>, what: string) {
    while (!gone) {
      const sent = song;
      const made = change();
      const body = { beat: 0, seconds: 0, taps: [], follow: false, ...made, document: sent };
      const { document } = await need(api.POST('/api/recordings/corrections', { body }));
      // What was typed meanwhile is corrected as well.
      if (song !== sent) continue;
      if (gone) return;
      onchange(document, what);
      // Beats have other indices now; one that was only moved stays chosen.
      if (made.kind !== 'MOVE') chosen = -1;
      if (made.kind === 'TAP') taps = [];
      return;
    }
  }

  /** Somebody who taps hears the sound a little later than it is played. */
  function tap() {
    const second = (audio?.currentTime ?? at) - (playing ? HEARD_LATER * speed : 0);
    const last = taps.at(-1);
    if (last === undefined || second > last + 0.15) taps = [...taps, second];
  }

  function take(follow: boolean) {
    const tapped = taps;
    correct(() => ({ kind: 'TAP', taps: tapped, follow }), `tap${tapped[0]}`);
  }

  function choose(by: number) {
    const next = chosen < 0 ? nearestBeat(beats, at) : chosen + by;
    chosen = Math.max(0, Math.min(beats.length - 1, next));
    const second = beats[chosen] ?? 0;
    if (second < from || second > from + SEEN) from = Math.max(0, second - SEEN * 0.3);
  }

  function nudge(by: number) {
    const beat = chosen;
    if (beat >= 0) correct(() => ({ kind: 'MOVE', beat, seconds: (beats[beat] ?? 0) + by }), `move${beat}`);
  }

  function shiftOne(by: number) {
    correct(() => ({ kind: 'ONE', beat: (recording?.one ?? 0) + by }), 'one');
  }

  function oneHere() {
    const beat = chosen;
    if (beat < 0) return;
    correct(() => ({ kind: 'ONE', beat }), 'one');
  }

  function noBeat() {
    const beat = chosen;
    correct(() => ({ kind: 'REMOVE', beat }), 'remove');
  }

  /** The sound of a song that came without it: the same file, found by what is in it. */
  const putBack = (files: FileList | null) =>
    attempt.run(async () => {
      const file = files?.[0];
      if (!file || !recording) return;
      if (!(await bringBack(file, [recording.file]))) {
        throw new Refusal(
          0,
          `“${file.name}” is another recording than the one of this song, so its beats would not fit. To begin a song from it, take it in under Songs.`
        );
      }
      await load();
      audio?.load();
    });

  function onkeydown(event: KeyboardEvent) {
    const does: Record<string, () => void> = {
      p: toggle,
      t: tap,
      ',': () => choose(-1),
      '.': () => choose(1),
      '[': () => nudge(-NUDGE),
      ']': () => nudge(NUDGE),
      '1': oneHere
    };
    const act = does[event.key];
    if (!act || !isShortcut(event, event.key)) return;
    event.preventDefault();
    act();
  }
</script>

<svelte:window {onkeydown} />

{#if recording}
  <section aria-label="Recording">
    <audio
      bind:this={audio}
      src="/api/recordings/{recording.file}"
      preload="auto"
      onplay={() => (playing = true)}
      onpause={() => (playing = false)}
      onended={() => (playing = false)}
    ></audio>
    <WaveOverview {song} {sound} rate={buffer?.sampleRate ?? 1} {at} {shown} onseek={seek} />
    <WaveDetail
      {song}
      {sound}
      rate={buffer?.sampleRate ?? 1}
      {at}
      {shown}
      {chosen}
      {taps}
      onchoose={(beat) => (chosen = beat)}
      onmove={(beat, seconds) => correct(() => ({ kind: 'MOVE', beat, seconds }), `move${beat}`)}
    />
    <div class="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2 text-sm">
      <span class="flex items-center gap-2">
        <Button kind="main" aria-pressed={playing} onclick={toggle} title="p">{playing ? 'Pause' : 'Play'}</Button>
        <span class="w-28" aria-live="off"
          ><strong class="font-display text-xl">{isCounted ? `${place.bar}:${place.beat}` : '–'}</strong>
          <span class="text-soft">{clock(at)}</span></span
        >
        <label
          >at <select
            class="rounded-xs border border-strong bg-raised px-1 py-0.5"
            aria-label="Speed"
            value={speed}
            onchange={(event) => faster(Number(event.currentTarget.value))}
            >{#each SPEEDS as one (one)}<option value={one}>{Math.round(one * 100)} %</option>{/each}</select
          ></label
        >
      </span>
      <span class="flex flex-wrap items-center gap-1.5">
        <Button disabled={waiting > 0} onclick={() => correct(() => ({ kind: 'HALF' }), 'half')}>Half the tempo</Button>
        <Button disabled={waiting > 0} onclick={() => correct(() => ({ kind: 'TWICE' }), 'twice')}
          >Twice the tempo</Button
        >
        <Button disabled={waiting > 0 || (recording.one ?? 0) + 1 >= beats.length} onclick={() => shiftOne(1)}
          >One a beat later</Button
        >
        <Button disabled={waiting > 0 || (recording.one ?? 0) < 1} onclick={() => shiftOne(-1)}
          >One a beat earlier</Button
        >
      </span>
      <span class="flex flex-wrap items-center gap-1.5">
        <Button onclick={tap} title="t">Tap along (t)</Button>
        {#if taps.length > 0}
          <span role="status">{taps.length} taps</span>
          <Button kind="main" disabled={taps.length < 2 || waiting > 0} onclick={() => take(true)}
            >Take them, the rest follows</Button
          >
          <Button disabled={taps.length < 2 || waiting > 0} onclick={() => take(false)}>Only these</Button>
          <Button kind="quiet" onclick={() => (taps = [])}>Forget them</Button>
        {/if}
      </span>
    </div>
    <p class="mt-2 flex min-h-8 flex-wrap items-center gap-1.5 text-sm">
      {#if selected}
        <span role="status">Beat {selected.bar}:{selected.beat} at {(beats[chosen] ?? 0).toFixed(2)} s</span>
        <Button disabled={waiting > 0} onclick={() => oneHere()} title="1">Bar 1 begins here</Button>
        <Button disabled={waiting > 0} onclick={() => nudge(-NUDGE)} title="[">Earlier</Button>
        <Button disabled={waiting > 0} onclick={() => nudge(NUDGE)} title="]">Later</Button>
        <Button disabled={waiting > 0} onclick={() => noBeat()}>No beat here</Button>
        <Button kind="quiet" onclick={() => (chosen = -1)}>Done</Button>
      {:else}
        <span class="text-soft"
          >Click a beat to correct it, or drag it; , and . go from beat to beat. Bar 1 begins at {clock(
            beats[recording.one ?? 0] ?? 0
          )}.</span
        >
        <Button
          disabled={waiting > 0}
          onclick={() => correct(() => ({ kind: 'ADD', seconds: Math.round(at * 1000) / 1000 }), 'add')}
          >One more beat at {clock(at)}</Button
        >
      {/if}
    </p>
    <Failed why={attempt.failed} />
    {#if missing}
      <label class="my-2 flex flex-wrap items-center gap-2 text-sm"
        >The file of this recording
        <input
          type="file"
          accept={ACCEPTED}
          onchange={(event) => {
            void putBack(event.currentTarget.files);
            event.currentTarget.value = '';
          }}
        /></label
      >
    {/if}
    <DancesHeard {id} {song} {buffer} {onchange} />
    <CutList {song} {bars} {sound} rate={buffer?.sampleRate ?? 1} />
  </section>
{/if}
