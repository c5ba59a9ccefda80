<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { when } from './words';

  let { contents }: { contents: Schemas['Contents'] } = $props();
  const SHOWN = 200;
  const NAMES: Record<string, string> = {
    log_entry: 'entries of the log',
    taught: 'what was taught',
    recall_answer: 'answers to questions',
    recall_state: 'questions remembered',
    draft: 'unsaved work'
  };
  const STATES: Record<string, string> = {
    new: 'not here now',
    different: 'otherwise here',
    gone: 'only here: would go'
  };
</script>

<p class="text-sm">
  Of {when(contents.backup.made)}. {contents.same} things are the same as here, {contents.differing} are not.
</p>
{#each contents.problems as problem, nth (nth)}<p class="border-l-4 border-broken pl-2 text-sm text-broken">
    {problem}
  </p>{/each}
<div class="mt-2 grid gap-4 sm:grid-cols-[14rem_minmax(0,1fr)]">
  <table class="self-start text-sm" aria-label="How many">
    <thead class="text-left text-soft"
      ><tr
        ><th class="font-normal">what</th><th class="text-right font-normal">in it</th><th
          class="text-right font-normal">here</th
        ></tr
      ></thead
    >
    <tbody>
      {#each contents.counts.filter((one) => one.what !== 'furnished') as count (count.what)}
        <tr class={['border-t border-line', count.there !== count.here && 'font-semibold']}>
          <th scope="row" class="text-left font-normal">{NAMES[count.what] ?? count.what}</th>
          <td class="pl-3 text-right">{count.there}</td><td class="pl-3 text-right">{count.here}</td>
        </tr>
      {/each}
    </tbody>
  </table>
  <ul class="max-h-[45vh] overflow-auto text-sm" aria-label="What differs">
    {#each contents.items.slice(0, SHOWN) as item (item.kind + item.id)}
      <li class="flex flex-wrap items-baseline gap-x-2 border-b border-line py-1">
        <span class="w-14 text-soft">{item.kind}</span><span class="font-semibold break-words">{item.name}</span>
        <span class="ml-auto text-xs text-soft">{STATES[item.state] ?? item.state}</span>
      </li>
    {:else}
      <li class="text-soft">Every document is the same as here.</li>
    {/each}
    {#if contents.differing > SHOWN}<li class="py-1 text-soft">and {contents.differing - SHOWN} more</li>{/if}
  </ul>
</div>
<p class="mt-2 text-xs text-soft">
  Putting everything back makes the studio what it was then. What is here now is backed up first, so that you can come
  back to it.
</p>
