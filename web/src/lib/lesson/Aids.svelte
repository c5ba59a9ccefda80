<script lang="ts">
  import type { Item } from './stages';

  interface Props {
    aids: NonNullable<Item['aids']>;
    large?: boolean;
  }

  /** What helps with a part: drills, and the card for setting the couple up. */
  let { aids, large = false }: Props = $props();
  const WORDS = { drill: 'Drill', card: 'Set-up' };
</script>

{#if aids.length > 0}
  <p class={['flex flex-wrap gap-x-3', large ? 'mt-1 text-lg' : 'text-sm']}>
    {#each aids as aid (aid.kind + aid.id)}
      <a class="text-accent underline underline-offset-2" href="/{aid.kind}s/{encodeURIComponent(aid.id)}"
        >{WORDS[aid.kind]}: {aid.name}</a
      >
    {/each}
  </p>
{/if}
