<script lang="ts">
  import { onDestroy } from 'svelte';
  import { goto } from '$app/navigation';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Song, type SongSummary } from '$lib/api/client';
  import { yaml } from '$lib/api/files';
  import { Paged } from '$lib/api/paged.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import FindField from '$lib/ui/FindField.svelte';
  import More from '$lib/ui/More.svelte';
  import { clock } from './clock';
  import { ACCEPTED, isRecording, take } from './recording/taking';

  const attempt = new Attempt();
  const songs = new Paged<SongSummary>((q, after) => need(api.GET('/api/songs', { params: { query: { q, after } } })));
  let name = $state('');
  let beats = $state(3);
  let notes = $state.raw<string[]>([]);
  let made = $state('');
  let listening = $state<number | null>(null);
  let over = $state(false);
  let here = true;
  onDestroy(() => (here = false));

  void songs.open();

  const begin = (event: SubmitEvent) => {
    event.preventDefault();
    return attempt.run(async () => {
      const body: Song = {
        name: name.trim(),
        beatsPerBar: beats,
        phraseBars: 8,
        sections: [
          { name: 'Opening', bars: 4, kind: 'introduction' },
          { name: 'Verse', bars: 16, kind: 'dance' }
        ],
        tempos: [{ bar: 1, barsPerMinute: beats === 3 ? 29 : 31 }],
        accents: []
      };
      const kept = await need(api.POST('/api/songs', { body }));
      await goto(`/songs/${kept.id}`);
    });
  };

  const read = (files: FileList | null) =>
    attempt.run(async () => {
      const file = files?.[0];
      if (!file) return;
      if (isRecording(file.name)) {
        listening = 0;
        try {
          const id = await take(file, '', (share) => (listening = share));
          // Whoever has gone on to other work finds it in the list.
          if (here) await goto(`/songs/${id}`);
        } finally {
          listening = null;
        }
        return;
      }
      const taken = /\.(ya?ml|json)$/i.test(file.name)
        ? { notes: [], id: (await need(api.POST('/api/songs/file', yaml(await file.text())))).id }
        : await readMidi(file);
      [notes, made] = [taken.notes, taken.id];
      if (notes.length === 0) await goto(`/songs/${made}`);
      else await songs.open();
    });

  async function readMidi(file: File) {
    const read = await need(
      api.POST('/api/songs/midi', {
        params: { query: { name: file.name.replace(/\.midi?$/i, '') } },
        // The body is the file itself, which the described type calls a string.
        body: file as unknown as string,
        bodySerializer: (body: unknown) => body as Blob,
        headers: { 'Content-Type': 'audio/midi' }
      })
    );
    return { notes: read.notes, id: (await need(api.POST('/api/songs', { body: read.document }))).id };
  }

  const field = 'rounded-xs border border-strong bg-raised px-2 py-1';
</script>

<div class="mb-4 flex flex-wrap items-end gap-4">
  <h1 class="text-3xl">Songs</h1>
  <form onsubmit={begin} class="ml-auto flex flex-wrap items-center gap-2">
    <input
      bind:value={name}
      required
      maxlength="120"
      aria-label="Name of a new song"
      placeholder="Name of a new song"
      class={[field, 'w-56']}
    />
    <label class="text-sm"
      ><select bind:value={beats} class={field} aria-label="Beats a bar">
        {#each [2, 3, 4] as count (count)}<option value={count}>{count} beats a bar</option>{/each}
      </select></label
    >
    <Button kind="main" type="submit" disabled={name.trim() === ''}>Begin</Button>
  </form>
  <label class="flex items-center gap-2 text-sm"
    >or take in a recording, a MIDI file or a song file
    <input
      type="file"
      disabled={listening !== null}
      accept=".mid,.midi,audio/midi,.yaml,.yml,.json,{ACCEPTED}"
      onchange={(event) => {
        void read(event.currentTarget.files);
        event.currentTarget.value = '';
      }}
      class="w-56 text-sm"
    /></label
  >
</div>
<div
  role="region"
  aria-label="Take in a recording"
  class={['mb-4 border-2 border-dashed px-4 py-3 text-sm', over ? 'border-accent bg-tint' : 'border-line text-soft']}
  ondragover={(event) => {
    event.preventDefault();
    over = true;
  }}
  ondragleave={() => (over = false)}
  ondrop={(event) => {
    event.preventDefault();
    over = false;
    void read(event.dataTransfer?.files ?? null);
  }}
>
  {#if listening !== null}
    <p role="status" class="text-ink">Listening for beats, ones and parts … {Math.round(listening * 100)} %</p>
  {:else}
    <p>
      <strong class="font-display text-lg text-ink">Drop a recording here</strong> and its beats, bars, tempo and parts are
      found; then a routine is set to it and danced to the real sound. WAV, MP3, OGG, Opus, M4A or FLAC, up to 12 minutes
      and 60 MB. It stays in this studio; whether you may use the music is for you to settle.
    </p>
  {/if}
</div>
<Failed why={attempt.failed} />
{#if notes.length > 0}
  <div role="status" class="mb-3 border-l-4 border-doubtful bg-sheet px-3 py-2 text-sm">
    <p class="font-semibold">The file was read, and this had to be guessed:</p>
    <ul class="list-disc pl-5">
      {#each notes as note, nth (nth)}<li>{note}</li>{/each}
    </ul>
    <a href="/songs/{made}" class="text-accent underline">Look it over</a>
  </div>
{/if}
{#if songs.total > 12}<p class="mb-2"><FindField label="Find a song" onfind={(q) => void songs.open(q)} /></p>{/if}
<ul class="border-t-2 border-ink">
  {#each songs.lines ?? [] as song (song.id)}
    <li class="border-b border-line">
      <a href="/songs/{song.id}" class="flex items-baseline gap-4 py-3 hover:bg-sheet">
        <span class="font-display text-xl font-semibold">{song.name}</span>
        <span class="text-sm text-soft">{song.beatsPerBar} beats a bar, {song.barsPerMinute} bars a minute</span>
        <span class="ml-auto text-sm whitespace-nowrap">{song.bars} bars, {clock(song.seconds)}</span>
      </a>
    </li>
  {:else}
    <li class="py-4 text-soft">
      {songs.lines
        ? 'No songs yet. Begin one by its bars, or read the plan of one from a standard MIDI file.'
        : 'Loading …'}
    </li>
  {/each}
</ul>
<More list={songs} what="songs" />
