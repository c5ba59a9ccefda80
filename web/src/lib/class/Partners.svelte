<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { calledBy } from './evening';

  interface Props {
    rotation: Schemas['RotationView'];
    round: Schemas['ClassRound'];
    title: string;
  }

  /** Who dances with whom, as large as the screen permits. */
  let { rotation, round, title }: Props = $props();
  const names = $derived(calledBy(rotation.people));
  /** With so many couples a second column is needed. */
  const MANY = 7;
  const many = $derived(round.pairs.length > MANY);
</script>

<section aria-label={title} class="min-w-0 overflow-hidden">
  <h2 class="text-[3vw] text-soft lg:text-[1.7vw]">{title}</h2>
  <ul
    class={[
      'font-display leading-[1.25]',
      many ? 'grid grid-cols-2 gap-x-[2vw] text-[3.6vw] lg:text-[1.9vw]' : 'text-[6vw] lg:text-[3.3vw]'
    ]}
  >
    {#each round.pairs as pair (pair.man)}
      <li class="flex items-baseline gap-[0.35em] border-b border-line">
        <span class="flex-1 truncate text-right text-man">{names[pair.man]}</span>
        <span class="text-[0.5em] text-soft" aria-hidden="true">&</span><span class="sr-only">and</span>
        <span class="flex-1 truncate text-lady">{names[pair.lady]}</span>
      </li>
    {/each}
  </ul>
  {#if round.waiting.length > 0}<p class="mt-[0.6vw] text-[3.4vw] lg:text-[1.9vw]">
      <span class="text-soft">{round.waiting.length === 1 ? 'waits' : 'wait'}</span>
      {round.waiting.map((one) => names[one]).join(', ')}
    </p>{/if}
</section>
