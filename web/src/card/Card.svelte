<script lang="ts">
  import CardPlayer from '$lib/card/CardPlayer.svelte';
  import CardTasks from './CardTasks.svelte';
  import type { Payload, Task } from '$lib/card/payload';

  let { payload }: { payload: Payload } = $props();
  let chosen = $state(0);
  let task = $state.raw<Task>();
  const piece = $derived(payload.pieces[chosen]);

  function practise(wanted: Task) {
    if (wanted.piece === undefined) return;
    chosen = wanted.piece;
    task = wanted;
    document.getElementById('player')?.scrollIntoView({ behavior: 'smooth' });
  }
</script>

<main class="mx-auto max-w-xl px-3 pt-4 pb-10">
  <header class="mb-3 border-b-4 border-double border-ink pb-1">
    <p class="text-sm text-accent">Practice card</p>
    <h1 class="text-2xl">{payload.title}</h1>
    <p class="text-sm text-soft">{[payload.whom, payload.made].filter(Boolean).join(' · ')}</p>
  </header>
  {#if payload.tasks.length > 0}<CardTasks title={payload.title} tasks={payload.tasks} onpractise={practise} />{/if}
  <div id="player">
    {#if payload.pieces.length > 1}
      <label class="mb-2 block text-sm text-soft"
        >danced
        <select
          class="w-full rounded-xs border border-strong bg-raised px-2 py-1.5 text-base text-ink"
          value={chosen}
          onchange={(event) => {
            chosen = Number(event.currentTarget.value);
            task = undefined;
          }}
        >
          {#each payload.pieces as one, nth (nth)}<option value={nth}>{one.name}</option>{/each}
        </select></label
      >
    {/if}
    {#if piece}
      {#key piece}<CardPlayer {piece} {task} roles={payload.roles} bands={payload.bands} />{/key}
    {:else}
      <p class="text-soft">There is nothing to dance on this card.</p>
    {/if}
  </div>
  {#if payload.leftOut.length > 0}
    <p class="mt-3 text-sm text-soft">Left out so that the card stays small: {payload.leftOut.join(', ')}.</p>
  {/if}
  <footer class="mt-6 border-t border-line pt-2 text-xs text-soft">
    Made with your coach's own charts; your organisation's rules come first. Dance within what your body allows: pain is
    a signal to stop and to ask somebody qualified. This card sends nothing anywhere.
  </footer>
</main>
