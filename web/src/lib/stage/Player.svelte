<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { isTyping } from '$lib/shell/typing';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import { onMount, untrack } from 'svelte';
  import PlayerFrames from './PlayerFrames.svelte';
  import PlayerLog from './PlayerLog.svelte';
  import PlayerSound from './PlayerSound.svelte';
  import PlayerTime from './PlayerTime.svelte';
  import PlayerViews from './PlayerViews.svelte';
  import { PlayerKeys } from './player-keys';
  import { Rehearsal } from './rehearsal.svelte';
  import RowReader from './RowReader.svelte';
  import StagePicture from './StagePicture.svelte';
  import TurnSlider from './TurnSlider.svelte';
  import { VIEW_NAMES } from './views';

  interface Props {
    motion: Schemas['MotionView'];
    /** What is danced, by which the log knows it; none where nothing is logged. */
    subject?: { kind: 'figure' | 'routine'; id: string };
    /** What is looped from the beginning. */
    loop?: { from: number; to: number } | null;
    /** Between which tempos it is practised, in bars a minute: looped, up a ladder if they differ. */
    tempos?: { from: number; to: number } | null;
    /** The beat at which it stands at first. */
    beat?: number;
  }

  let { motion, subject, loop = null, tempos = null, beat }: Props = $props();
  const settings = getSettings();
  // A player is made anew for every motion.
  // svelte-ignore state_referenced_locally
  const r = new Rehearsal(motion, loop);
  let full = $state(false);
  let failed = $state('');
  let log = $state<PlayerLog>();
  let picture = $state<StagePicture>();

  onMount(() => {
    if (tempos) r.practise(tempos);
    if (beat !== undefined) r.seek(beat);
    return r.begin();
  });

  // Who counts what is asked anew when the voice or the dancer changes.
  const who = $derived(r.sounds.loudness.who);
  const only = $derived(r.only);
  $effect(() => {
    void [who, only];
    untrack(() => r.resound());
  });
  $effect(() => {
    const counted = motion;
    untrack(() => r.recount(counted));
  });

  function toggleFull() {
    if (document.fullscreenElement) void document.exitFullscreen();
    else
      document.documentElement.requestFullscreen().catch(() => {
        // Where a browser has no full screen, the page itself makes room.
        full = !full;
      });
  }

  const keys = new PlayerKeys({
    ' ': r.toggle,
    ArrowRight: () => r.step(1),
    ArrowLeft: () => r.step(-1),
    PageDown: () => r.step(1),
    PageUp: () => r.step(-1),
    '.': () => r.seek(r.beat + 0.5),
    ',': () => r.seek(r.beat - 0.5),
    '[': r.loopFrom,
    ']': r.loopTo,
    o: r.loopBlock,
    '+': () => r.transport.setRate(r.transport.rate + 0.05),
    '-': () => r.transport.setRate(r.transport.rate - 0.05),
    m: () => (r.mirrored = !r.mirrored),
    '8': () => (r.mirrored = !r.mirrored),
    n: () => (r.lines = !r.lines),
    b: () => r.sounds.mute('band'),
    c: () => r.sounds.mute('voice'),
    k: () => r.sounds.mute('click'),
    l: () => log?.clean(),
    x: () => {
      r.ladder.soil();
      log?.fault();
    },
    f: toggleFull,
    'Shift+ArrowLeft': () => picture?.turn(-1, 0),
    'Shift+ArrowRight': () => picture?.turn(1, 0),
    'Shift+ArrowUp': () => picture?.turn(0, 1),
    'Shift+ArrowDown': () => picture?.turn(0, -1),
    i: () => picture?.nearer(0.85),
    u: () => picture?.nearer(1 / 0.85),
    ...Object.fromEntries(VIEW_NAMES.map((one, i) => [String(i + 1), () => (r.view = one.id)]))
  });

  function onkeydown(event: KeyboardEvent) {
    if (!isTyping(event.target)) keys.take(event);
  }
</script>

<svelte:window {onkeydown} />
<svelte:document onfullscreenchange={() => (full = document.fullscreenElement !== null)} />

<div
  class={[
    'flex flex-col gap-3 bg-ground [&_button]:pointer-coarse:min-h-11',
    full && 'fixed inset-0 z-40 overflow-auto p-3'
  ]}
>
  <Failed why={failed} />
  <div
    class={[
      'grid grid-cols-1 gap-x-4 gap-y-3',
      full ? 'lg:grid-cols-[minmax(0,1fr)_minmax(22rem,30vw)]' : 'lg:grid-cols-[minmax(0,1fr)_22rem]'
    ]}
  >
    <div class="flex min-w-0 flex-col gap-2">
      <PlayerViews {r} {full} onfull={toggleFull} />
      <div class={full ? 'h-[64vh]' : 'h-[40vh] min-h-64 sm:h-[54vh]'}>
        {#key settings.theme}<StagePicture bind:this={picture} {r} />{/key}
      </div>
    </div>
    <section aria-label="Time" class="flex min-w-0 flex-col gap-2 border-t border-line pt-2 lg:col-span-2">
      <PlayerTime {r} />
      <TurnSlider {r} />
    </section>
    <div class="flex min-w-0 flex-col gap-3 lg:col-start-2 lg:row-start-1">
      <RowReader {motion} beat={r.beat} only={r.only} countingIn={r.countingIn} cues={r.cues} big={full} />
      {#if subject}<PlayerLog bind:this={log} {r} {subject} />{/if}
    </div>
    <section aria-label="Sound" class="flex min-w-0 flex-col gap-2 lg:col-span-2">
      <PlayerSound {r} onfailed={(why) => (failed = why)} />
      <PlayerFrames {r} />
    </section>
  </div>
</div>
