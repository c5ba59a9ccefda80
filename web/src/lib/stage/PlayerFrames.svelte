<script lang="ts">
  import type { Rehearsal } from './rehearsal.svelte';

  /** How smoothly this device goes, asked for by whoever opens it. */
  let { r }: { r: Rehearsal } = $props();
  let told = $state<ReturnType<Rehearsal['frames']['summary']>>(null);
  const ms = (time: number) => `${time.toFixed(1)} ms`;
</script>

<details class="text-xs text-soft" ontoggle={() => (told = r.frames.summary())}>
  <summary class="cursor-pointer">How smoothly it goes on this device</summary>
  {#if told}
    <p class="pt-1">
      The last {told.frames} frames: own work {ms(told.script)} a frame, in the slow ones {ms(told.slow)}; picture and
      sound apart by at most {ms(told.off)} in nineteen of twenty.
    </p>
  {:else}<p class="pt-1">Dance something first.</p>{/if}
</details>
