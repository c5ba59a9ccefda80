<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { told } from './plan-words';
  import ProposalStrip from './ProposalStrip.svelte';

  interface Props {
    view: Schemas['PlanView'];
    /** How many were asked for. */
    wanted: number;
    ontake: (proposal: Schemas['ProposalView']) => void;
  }

  let { view, wanted, ontake }: Props = $props();
</script>

{#if view.state === 'given up'}<p class="text-soft">Given up. Nothing has been changed.</p>
{:else if view.proposals.length === 0}
  <p class="font-semibold">
    {view.bound === undefined
      ? 'No routine meets all of this. These cannot be had together:'
      : 'None was found that keeps to all of this. Give up one of these:'}
  </p>
  <ul class="list-disc pl-5">
    {#each view.contradiction as condition, nth (nth)}<li>{condition}</li>{/each}
  </ul>
{:else}
  <p class="mb-2 text-sm text-soft">{told(view, wanted)}</p>
  {#each view.proposals as proposal, i (i)}
    <ProposalStrip {proposal} number={i + 1} ontake={() => ontake(proposal)} />
  {/each}
{/if}
