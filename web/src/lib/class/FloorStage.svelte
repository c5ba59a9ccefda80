<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { getSettings } from '$lib/settings/settings.svelte';
  import { Rehearsal } from '$lib/stage/rehearsal.svelte';
  import StagePicture from '$lib/stage/StagePicture.svelte';
  import { onMount } from 'svelte';

  interface Props {
    motion: Schemas['MotionView'];
    /** Bars a minute. */
    tempo: number;
    times: number;
    otherSide: boolean;
    onended: () => void;
  }

  /** What a round dances, with its sound: so many times over, then it ends by itself. */
  let { motion, tempo, times, otherSide, onended }: Props = $props();
  const settings = getSettings();
  // Made anew for every motion.
  // svelte-ignore state_referenced_locally
  export const r = new Rehearsal(motion, null);
  const role = $derived(motion.dancers[0]?.role ?? '');
  const rows = $derived(r.rowsOf(role));
  const row = $derived(rows.findLast((one) => one.onset <= r.beat + 0.001));

  onMount(() => {
    r.onended = () => onended();
    return r.begin();
  });

  $effect(() => {
    r.mirrored = otherSide;
  });

  /** From its beginning, counted in. */
  export function start() {
    const { transport } = r;
    if (transport.playing) r.toggle();
    r.times = times;
    transport.setLoop(times > 1 ? { from: transport.begins, to: transport.end } : null);
    transport.setRate(tempo / motion.tempo);
    r.seek(transport.begins);
    r.toggle();
  }

  export function stop() {
    if (r.transport.playing) r.toggle();
  }

  /** Seconds until the round is over. */
  export function left(): number {
    const { timeline, begins, end, rate } = r.transport;
    const once = timeline.seconds(end) - timeline.seconds(begins);
    return ((times - r.runs) * once - (timeline.seconds(r.beat) - timeline.seconds(begins))) / rate;
  }
</script>

<div class="flex h-full min-h-0 flex-col">
  <div class="min-h-0 flex-1">
    {#key settings.theme}<StagePicture {r} />{/key}
  </div>
  <p class="flex h-[1.3em] items-center justify-center font-display text-[8vw] leading-none lg:text-[5.5vw]">
    <span>{r.transport.playing ? (r.countingIn ? 'ready' : (row?.count ?? '')) : ''}</span>
  </p>
</div>
