<script lang="ts">
  import Button from '$lib/ui/Button.svelte';
  import Popover from '$lib/ui/Popover.svelte';
  import type { Ladder } from './ladder.svelte';

  interface Props {
    ladder: Ladder;
    /** Whether something is looped, so that there are runs to count. */
    ready: boolean;
    onbegin: (rate: number) => void;
  }

  let { ladder, ready, onbegin }: Props = $props();
  let open = $state(false);
  const field = 'w-16 rounded-xs border border-strong bg-raised px-1 py-0.5 text-right text-ink';
  const fields = [
    { key: 'from', word: 'from', unit: '%', scale: 100, min: 20, max: 130 },
    { key: 'to', word: 'to', unit: '%', scale: 100, min: 20, max: 130 },
    { key: 'by', word: 'up by', unit: '%', scale: 100, min: 1, max: 30 },
    { key: 'after', word: 'after clean runs', unit: '', scale: 1, min: 1, max: 20 }
  ] as const;

  function set(key: 'from' | 'to' | 'by' | 'after', event: Event, scale: number) {
    const input = event.currentTarget as HTMLInputElement;
    if (input.validity.valid && input.value !== '') ladder[key] = Number(input.value) / scale;
  }

  function toggle() {
    const rate = ladder.toggle();
    if (rate !== null) onbegin(rate);
    open = false;
  }
</script>

<Popover
  label="Ladder"
  bind:open
  triggerClass="inline-flex items-center rounded-xs border border-strong bg-raised px-2.5 py-1 text-sm hover:border-accent hover:text-accent"
>
  {#snippet trigger()}Ladder{ladder.on ? `: ${ladder.clean} of ${ladder.after} clean` : ''}{/snippet}
  <div class="flex flex-col gap-2 text-sm">
    <p class="max-w-56 text-soft">The loop again and again, faster after clean runs. Press x in a run that was not.</p>
    {#each fields as { key, word, unit, scale, min, max } (key)}
      <label class="flex items-center justify-between gap-3 text-soft"
        >{word}
        <span
          ><input
            class={field}
            type="number"
            {min}
            {max}
            value={Math.round(ladder[key] * scale)}
            onchange={(event) => set(key, event, scale)}
          />
          {unit}</span
        ></label
      >
    {/each}
    <Button kind="main" disabled={!ready && !ladder.on} onclick={toggle}
      >{ladder.on ? 'End the ladder' : 'Begin the ladder'}</Button
    >
    {#if !ready && !ladder.on}<p class="max-w-56 text-soft">Loop something first.</p>{/if}
  </div>
</Popover>
