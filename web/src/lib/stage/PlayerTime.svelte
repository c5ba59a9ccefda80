<script lang="ts">
  import Button from '$lib/ui/Button.svelte';
  import LadderForm from './LadderForm.svelte';
  import type { Rehearsal } from './rehearsal.svelte';

  /** Where in time, how fast, and what again and again. */
  let { r }: { r: Rehearsal } = $props();
  const { motion, transport } = $derived(r);
</script>

<input
  type="range"
  aria-label="Moment"
  aria-valuetext="beat {(r.beat + 1).toFixed(1)}"
  class="w-full accent-accent"
  min={transport.begins}
  max={transport.end}
  step="0.05"
  value={r.beat}
  oninput={(event) => r.seek(Number(event.currentTarget.value))}
/>
{#if motion.blocks.length > 1}
  <ol aria-label="Figures" class="flex gap-px overflow-x-auto pb-1">
    {#each motion.blocks as one, nth (nth)}
      <li class="min-w-14 flex-auto" style:flex-grow={one.end - one.start}>
        <button
          type="button"
          aria-current={one === r.block ? 'true' : undefined}
          class={[
            'w-full truncate border-t-4 px-1 py-0.5 text-left text-xs',
            one === r.block ? 'border-accent bg-tint font-semibold' : 'border-line bg-sheet text-soft'
          ]}
          title="{one.name}, bar {one.bar}"
          onclick={() => r.seek(one.start)}>{one.name}</button
        >
      </li>
    {/each}
  </ol>
{/if}
<div class="flex flex-wrap items-center gap-x-3 gap-y-1.5 text-sm">
  <Button kind="main" class="min-w-20 justify-center text-base" onclick={r.toggle} title="Space"
    >{transport.playing ? 'Pause' : 'Dance'}</Button
  >
  <span class="flex gap-1">
    <Button onclick={() => r.step(-1)} aria-label="Row back" title="←">‹ row</Button>
    <Button onclick={() => r.step(1)} aria-label="Row on" title="→">row ›</Button>
  </span>
  <label class="flex items-center gap-1.5"
    >tempo
    <input
      type="range"
      class="w-28 accent-accent"
      aria-label="Tempo in hundredths"
      min="20"
      max="130"
      step="5"
      value={Math.round(transport.rate * 100)}
      oninput={(event) => transport.setRate(Number(event.currentTarget.value) / 100)}
    /><span class="tabular-nums">{Math.round(transport.rate * 100)} %,</span></label
  >
  <label class="flex items-center gap-1"
    ><input
      class="w-16 rounded-xs border border-strong bg-raised px-1 py-0.5 text-right tabular-nums"
      type="number"
      aria-label="Bars a minute"
      min={Math.ceil(motion.tempo * 0.2)}
      max={Math.floor(motion.tempo * 1.3)}
      step="any"
      value={r.tempo}
      onchange={(event) => {
        const bars = event.currentTarget.valueAsNumber;
        if (bars > 0) transport.setRate(bars / motion.tempo);
        event.currentTarget.value = String(r.tempo);
      }}
    /> bars a minute</label
  >
  <span class="flex flex-wrap items-center gap-1">
    <Button onclick={r.loopFrom} title="[">from here</Button>
    <Button onclick={r.loopTo} title="]">to here</Button>
    <Button aria-pressed={transport.loop !== null} onclick={r.loopBlock} title="o"
      >{transport.loop ? 'Loop off' : 'Loop the figure'}</Button
    >
    {#if transport.loop}<span class="text-soft" role="status"
        >beats {(transport.loop.from + 1).toFixed(1)} to {(transport.loop.to + 1).toFixed(1)}</span
      >{/if}
  </span>
  <LadderForm ladder={r.ladder} ready={transport.loop !== null} onbegin={(rate) => transport.setRate(rate)} />
</div>
