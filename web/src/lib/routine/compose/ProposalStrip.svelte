<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import Button from '$lib/ui/Button.svelte';
  import ProposalFloor from './ProposalFloor.svelte';

  interface Props {
    proposal: Schemas['ProposalView'];
    number: number;
    ontake: () => void;
  }

  let { proposal, number, ontake }: Props = $props();
  const laid = $derived(proposal.laid);
  const times = (many: number) => ['once', 'twice'][many - 1] ?? `${many} times`;
  const parts = $derived(
    [
      ['joins', proposal.customary],
      ['highlights', proposal.highlight],
      ['repeats', proposal.variety],
      ['travel', proposal.travel],
      ['sides', proposal.sides],
      ['changes', proposal.change],
      ['most difficult first', proposal.build]
    ].filter(([, value]) => value !== 0)
  );
</script>

<section aria-label="Proposal {number}" class="mb-2 border-t border-line pt-1.5">
  <div class="flex flex-wrap items-baseline gap-x-3 text-sm">
    <span class="font-display text-lg font-semibold">{proposal.score}</span>
    <span class="text-soft">{parts.map(([word, value]) => `${word} ${value}`).join(', ')}</span>
    {#if laid}<span class="text-sound"
        >{#if laid.shares.length}closes danced {times(laid.times)}, along {laid.shares.join(' and ')} % of the long sides{:else}stays
          on the floor{/if}</span
      >{/if}
    <Button kind="quiet" class="ml-auto" aria-label="Take proposal {number}" onclick={ontake}>Take</Button>
  </div>
  <div class="flex items-start gap-3">
    <ProposalFloor figures={proposal.figures} {laid} />
    <ol class="flex min-w-0 grow text-[0.68rem]">
      {#each proposal.pieces as piece, i (i)}
        <li
          style:flex="{piece.bars} 1 0"
          title="{piece.name}, {piece.bars} {piece.bars === 1 ? 'bar' : 'bars'}{piece.corner
            ? ', after the corner'
            : ''}"
          class={[
            'min-w-0 overflow-hidden border border-l-0 border-line bg-raised px-1 py-0.5 leading-tight first:border-l',
            piece.corner && 'border-l-2 border-l-accent'
          ]}
        >
          <span class="line-clamp-4 [overflow-wrap:anywhere] hyphens-auto">{piece.name}</span>
        </li>
      {/each}
    </ol>
  </div>
</section>
