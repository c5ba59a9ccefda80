<script lang="ts">
  import { onDestroy } from 'svelte';
  import { goto } from '$app/navigation';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas, type Song } from '$lib/api/client';
  import { wave } from '$lib/stage/wave';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import { clock } from '../clock';
  import { cutOut, hearJoin } from './cutting';
  import { keep } from './taking';

  interface Props {
    song: Song;
    bars: number;
    sound: Float32Array | undefined;
    rate: number;
  }

  let { song, bars, sound, rate }: Props = $props();
  const attempt = new Attempt();
  let wanted = $state('');
  let found = $state.raw<{ of: Song; cuts: Schemas['CutView'][] } | null>(null);
  /** Of the song as it is now; one that has been corrected since is asked for anew. */
  const cuts = $derived(found?.of === song ? found.cuts : null);
  let busy = $state(false);
  let silence: (() => void) | null = null;
  onDestroy(() => silence?.());

  const find = (event: SubmitEvent) => {
    event.preventDefault();
    return attempt.run(async () => {
      const of = song;
      const query = { bars: Math.round(Number(wanted)) };
      found = { of, cuts: await need(api.POST('/api/recordings/cuts', { params: { query }, body: of })) };
    });
  };

  function hear(cut: Schemas['CutView']) {
    silence?.();
    if (sound) silence = hearJoin(sound, rate, cut.begins, cut.ends);
  }

  /** The cut song is one of its own; this one stays. */
  const make = (cut: Schemas['CutView']) =>
    attempt.run(async () => {
      if (!sound || !cut.document.recording) return;
      busy = true;
      try {
        const left = wave(cutOut(sound, rate, cut.begins, cut.ends), rate);
        const file = await keep(new File([left], `${song.name}, cut.wav`));
        const recording = { ...cut.document.recording, file };
        const kept = await need(api.POST('/api/songs', { body: { ...cut.document, recording } }));
        await goto(`/songs/${kept.id}`);
      } finally {
        busy = false;
      }
    });
</script>

<details class="mt-1 border-t border-line pt-2 text-sm">
  <summary class="cursor-pointer font-semibold">Too long? Cut it</summary>
  <form class="mt-1 flex flex-wrap items-center gap-2" onsubmit={find}>
    <label
      >Of its {bars} bars leave about
      <input
        bind:value={wanted}
        required
        inputmode="numeric"
        pattern="[1-9][0-9]*"
        class="w-16 rounded-xs border border-line bg-raised px-1.5 py-0.5 text-right"
        aria-label="Bars to be left"
      /></label
    >
    <Button type="submit" kind="main">Find cuts</Button>
    <span class="text-soft">Whole phrases are left out; how it begins and ends stays.</span>
  </form>
  <Failed why={attempt.failed} />
  {#if cuts}
    <ol class="mt-1">
      {#each cuts as cut (cut.from)}
        <li class="flex flex-wrap items-baseline gap-x-3 border-b border-line py-1">
          <span class="font-display text-base font-semibold">without bars {cut.from} to {cut.from + cut.bars - 1}</span>
          <span class="text-soft">{clock(cut.begins)} to {clock(cut.ends)}; {cut.why}</span>
          <span class="ml-auto flex gap-1.5">
            <Button disabled={!sound} onclick={() => hear(cut)}>Hear the join</Button>
            <Button disabled={!sound || busy} onclick={() => void make(cut)}>Make the cut song</Button>
          </span>
        </li>
      {:else}<li class="text-soft">There is no place where so much could be left out.</li>{/each}
    </ol>
  {/if}
</details>
