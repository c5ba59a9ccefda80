<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import Button from '$lib/ui/Button.svelte';
  import { onMount } from 'svelte';
  import { Rehearsal } from './rehearsal.svelte';
  import StageAbove from './StageAbove.svelte';

  let { motion }: { motion: Schemas['MotionView'] } = $props();
  // Made anew for every motion.
  // svelte-ignore state_referenced_locally
  const r = new Rehearsal(motion, null);
  const role = $derived(motion.dancers[0]?.role ?? '');
  const rows = $derived(r.rowsOf(role));
  const row = $derived(rows.findLast((one) => one.onset <= r.beat + 0.001));

  onMount(() => r.begin());
</script>

{#if motion.dancers.length === 0}
  <p class="text-sm text-soft">Nothing charted is danced here yet.</p>
{:else}
  <div class="aspect-[3/2] w-full overflow-hidden rounded-xs border border-line">
    <StageAbove {motion} moment={r.moment} only={r.only} mirrored={false} across={3.6} />
  </div>
  <div class="flex flex-wrap items-center gap-x-3 gap-y-1 text-sm">
    <Button kind="main" class="min-w-16 justify-center" onclick={r.toggle}
      >{r.transport.playing ? 'Pause' : 'Dance'}</Button
    >
    <input
      type="range"
      aria-label="Moment"
      aria-valuetext="beat {(r.beat + 1).toFixed(1)}"
      class="min-w-16 flex-1 accent-accent"
      min={r.transport.begins}
      max={r.transport.end}
      step="0.05"
      value={r.beat}
      oninput={(event) => r.seek(Number(event.currentTarget.value))}
    />
    <span class="min-w-12 font-display text-lg" aria-label="Count">{r.countingIn ? 'ready' : (row?.count ?? '')}</span>
    <label class="flex items-center gap-1"
      ><input
        type="range"
        class="w-20 accent-accent"
        aria-label="Tempo in hundredths"
        min="20"
        max="130"
        step="5"
        value={Math.round(r.transport.rate * 100)}
        oninput={(event) => r.transport.setRate(Number(event.currentTarget.value) / 100)}
      />{Math.round(r.transport.rate * 100)} %</label
    >
    <Button aria-pressed={r.transport.loop !== null} onclick={r.loopBlock}>Loop</Button>
  </div>
{/if}
