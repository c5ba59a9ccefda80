<script lang="ts">
  import Button from '$lib/ui/Button.svelte';
  import { onMount } from 'svelte';
  import { pageOf } from './kinds';
  import { askBeforeLeaving, unsentEdits } from './unsent.svelte';

  const waiting = $derived(unsentEdits.waiting);

  onMount(() => unsentEdits.start());
</script>

<svelte:window onbeforeunload={askBeforeLeaving} />

{#if waiting.length > 0}
  <section aria-label="Not sent yet" class="border-b border-line bg-doubtful-tint px-3 py-2 text-sm sm:px-5">
    <p>
      {waiting.length === 1 ? 'One edit has' : `${waiting.length} edits have`} not reached the studio. They are kept in this
      browser and sent by themselves when it answers.
    </p>
    <ul>
      {#each waiting as unsent (unsent.kind + unsent.id + unsent.window)}
        <li class="flex flex-wrap items-baseline gap-x-2">
          {unsent.kind}
          <a class="text-accent underline underline-offset-2" href={pageOf(unsent.kind, unsent.id)}>{unsent.name}</a>
          {#if unsent.refused}<span class="text-broken">{unsent.refused}</span>
            <Button kind="quiet" onclick={() => void unsentEdits.drop(unsent)}>Give it up</Button>{/if}
        </li>
      {/each}
    </ul>
  </section>
{/if}
