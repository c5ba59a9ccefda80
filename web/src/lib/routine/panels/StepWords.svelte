<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { getSettings } from '$lib/settings/settings.svelte';

  interface Props {
    stop: Schemas['StopView'];
    block: Schemas['BlockView'];
    beatsPerBar: number;
    /** The beat on which the block begins as it is danced this time. */
    begun: number;
  }

  let { stop, block, beatsPerBar, begun }: Props = $props();
  const settings = getSettings();
  const step = $derived(block.steps.find((one) => Math.abs(begun + one.until - stop.beat) < 0.01));
  const bar = $derived(Math.floor(begun / beatsPerBar) + 1);
</script>

<p role="status" aria-label="The step" class="flex min-h-6 flex-wrap items-baseline gap-x-4 text-sm">
  {#if step}
    <span class="font-display text-xl leading-none font-semibold">{step.count}</span>
    {#if step.man}<span
        ><span class="text-soft">{settings.role('man')}</span>
        <span class="font-semibold text-man">{step.man}</span></span
      >{/if}
    {#if step.lady}<span
        ><span class="text-soft">{settings.role('lady')}</span>
        <span class="font-semibold text-lady">{step.lady}</span></span
      >{/if}
    <span class="text-soft">{block.name}, from bar {bar}</span>
  {:else}<span class="text-soft">before {block.name}, bar {bar}</span>{/if}
</p>
