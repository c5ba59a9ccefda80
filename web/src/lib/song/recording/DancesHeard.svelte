<script lang="ts">
  import { onDestroy } from 'svelte';
  import { Attempt } from '$lib/api/attempt.svelte';
  import type { Song } from '$lib/api/client';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import { heardLately, listen, type Heard } from './taking';

  interface Props {
    id: string;
    song: Song;
    /** The sound; nothing until it is decoded. */
    buffer: AudioBuffer | undefined;
    /** Told the song as it is heard anew. */
    onchange: (song: Song, what: string) => void;
  }

  let { id, song, buffer, onchange }: Props = $props();
  const settings = getSettings();
  const attempt = new Attempt();
  const recording = $derived(song.recording);
  let listening = $state<number | null>(null);
  // svelte-ignore state_referenced_locally
  let heard = $state.raw<Heard | undefined>(heardLately[id]);
  let gone = false;
  onDestroy(() => (gone = true));

  const hearAs = (dance: string) =>
    attempt.run(async () => {
      if (!buffer || !recording) return;
      listening = 0;
      try {
        const { file } = recording;
        const onshare = (share: number) => (listening = share);
        heard = await listen(buffer, { file, name: song.name, dance, onshare });
        if (dance !== '' && heard.document && !gone) {
          onchange({ ...heard.document, name: song.name }, `heard${dance}`);
        }
      } finally {
        listening = null;
      }
    });
</script>

<details class="mt-1 border-t border-line pt-2 text-sm" open={heard !== undefined}>
  <summary class="cursor-pointer font-semibold">Which dance could this be?</summary>
  <Failed why={attempt.failed} />
  {#if listening !== null}
    <p role="status" class="mt-1">Listening … {Math.round(listening * 100)} %</p>
  {:else if heard}
    <p class="mt-1">
      How clearly it was heard: the beats {Math.round(heard.sureOfBeats * 100)} %, which of them is one {Math.round(
        heard.sureOfOne * 100
      )} %, where the parts begin {Math.round(heard.sureOfSections * 100)} %.
    </p>
    <ol class="mt-1 grid gap-x-6 sm:grid-cols-2">
      {#each heard.dances.slice(0, 6) as likely (likely.dance)}
        <li class="flex items-baseline gap-2 border-b border-line py-1 max-sm:flex-wrap">
          <span class="w-40 shrink-0 font-display text-base font-semibold">{likely.title}</span>
          <span class="w-10 shrink-0 text-right text-accent">{Math.round(likely.score * 100)}</span>
          <span class="text-soft">{likely.why}</span>
          <Button
            kind="quiet"
            class="ml-auto shrink-0"
            disabled={!buffer}
            aria-label="Hear it as {likely.title}"
            onclick={() => void hearAs(likely.dance)}>hear it so</Button
          >
        </li>
      {/each}
    </ol>
  {:else}
    <p class="mt-1 flex items-center gap-2">
      <Button disabled={!buffer} onclick={() => void hearAs('')}>Compare it with every dance</Button>
      <Button disabled={!buffer} onclick={() => void hearAs(settings.dance)}>Hear it anew as {settings.dance}</Button>
    </p>
  {/if}
  <p class="mt-2 text-xs text-soft">
    Hearing anew finds beats, sections and accents again and replaces those here; undo brings them back. The file lies
    in this studio’s data folder and nowhere else; whether you may use the music is for you to settle with whoever owns
    it.
  </p>
</details>
