<script lang="ts">
  import { goto } from '$app/navigation';
  import { api, need, outlivesPage, type Schemas, type Song } from '$lib/api/client';
  import { isShortcut } from '$lib/shell/typing';
  import Button from '$lib/ui/Button.svelte';
  import { Editor } from '$lib/editing/editor.svelte';
  import EditorBar from '$lib/editing/EditorBar.svelte';
  import { clock } from './clock';
  import RecordingDesk from './recording/RecordingDesk.svelte';
  import SectionRow from './SectionRow.svelte';
  import SongLine from './SongLine.svelte';
  import { barsPerMinute, tap } from './tapping';

  let { view }: { view: Schemas['SongView'] } = $props();
  // The desk is made anew for every song, so the first view is the one it edits.
  // svelte-ignore state_referenced_locally
  let worked = $state.raw(view);
  // svelte-ignore state_referenced_locally
  const editor = new Editor('song', view, {
    async send(id, expectedVersion, document) {
      const body = { expectedVersion, document };
      worked = await need(api.PUT('/api/songs/{id}', { params: { path: { id } }, body, keepalive: outlivesPage() }));
      return worked;
    }
  });
  void editor.recover();
  let taps = $state.raw<number[]>([]);
  let accent = $state('');
  const song: Song = $derived(editor.state);
  const accents = $derived(song.accents ?? []);
  const tapped = $derived(barsPerMinute(taps, song.beatsPerBar));
  const field = 'rounded-xs border border-line bg-raised px-1.5 py-0.5';

  function changeSection(index: number, by: Partial<Schemas['Song_section']>) {
    const sections = song.sections.map((one, i) => (i === index ? { ...one, ...by } : one));
    editor.describe({ sections }, `section${index}${Object.keys(by).join()}`);
  }

  function changeTempo(index: number, by: Partial<Schemas['Song_tempo']>) {
    const tempos = song.tempos.map((one, i) => (i === index ? { ...one, ...by } : one));
    editor.describe({ tempos }, `tempo${index}${Object.keys(by).join()}`);
  }

  function addAccent(event: SubmitEvent) {
    event.preventDefault();
    const [bar, beat = 1] = accent.split(':').map(Number);
    if (!bar) return;
    editor.describe({ accents: [...accents, { bar, beat }] }, '');
    accent = '';
  }

  function onkeydown(event: KeyboardEvent) {
    if (!song.recording && isShortcut(event, 't')) taps = tap(taps, event.timeStamp);
  }
</script>

<svelte:window {onkeydown} />

<h1 class="sr-only">{song.name}</h1>
<header class="mb-3 flex flex-wrap items-end gap-4 border-b-2 border-ink pb-2">
  <label class="min-w-0"
    ><span class="sr-only">Name</span><input
      value={song.name}
      maxlength="120"
      class="w-96 border-b border-transparent bg-transparent font-display text-3xl hover:border-line"
      oninput={(e) => e.currentTarget.value.trim() && editor.describe({ name: e.currentTarget.value })}
    /></label
  >
  <p class="text-sm text-soft">{worked.bars} bars, {clock(worked.seconds)}</p>
  <EditorBar {editor} onremoved={() => void goto('/songs')} />
</header>

{#if song.recording}
  <RecordingDesk id={view.id} {song} onchange={(document, what) => editor.change(document, what)} />
{:else}
  <SongLine view={worked} />
{/if}

<div class="mt-5 grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1.3fr)_minmax(0,1fr)]">
  <section aria-label="Sections">
    <h2 class="mb-1 text-lg">Sections</h2>
    <table class="w-full text-sm">
      <thead class="text-left text-xs text-soft max-sm:hidden"
        ><tr
          ><th class="font-normal">name</th><th class="font-normal">bars</th><th class="font-normal">part of</th><th
            class="font-normal">begins</th
          ><th></th></tr
        ></thead
      >
      <tbody>
        {#each song.sections as section, i (i)}
          <SectionRow
            {section}
            begins={worked.sectionSeconds[i]}
            only={song.sections.length === 1}
            onchange={(by) => changeSection(i, by)}
            onremove={() => editor.describe({ sections: song.sections.filter((_, other) => other !== i) }, '')}
          />
        {/each}
      </tbody>
    </table>
    <Button
      class="mt-2"
      onclick={() => {
        const name = `Part ${song.sections.length + 1}`;
        editor.describe({ sections: [...song.sections, { name, bars: 8, kind: 'dance' }] }, '');
      }}>Add a section</Button
    >
  </section>
  <div class="flex flex-col gap-5 text-sm">
    <section aria-label="Tempo" class="flex flex-col gap-1.5">
      <h2 class="text-lg">Tempo</h2>
      {#if song.recording}
        <p class="text-soft">Read from the beats of the recording:</p>
        {#each song.tempos as mark, i (i)}<p>from bar {mark.bar}: {mark.barsPerMinute} bars a minute</p>{/each}
      {:else}
        {#each song.tempos as mark, i (i)}
          <p class="flex items-center gap-2">
            from bar <input
              class={[field, 'w-16 text-right']}
              type="number"
              aria-label="Bar of tempo {i + 1}"
              min="1"
              max="800"
              disabled={i === 0}
              value={mark.bar}
              onchange={(e) => changeTempo(i, { bar: Number(e.currentTarget.value) })}
            />
            <input
              class={[field, 'w-20 text-right']}
              type="number"
              aria-label="Bars a minute of tempo {i + 1}"
              min="5"
              max="200"
              step="0.1"
              value={mark.barsPerMinute}
              onchange={(e) => changeTempo(i, { barsPerMinute: Number(e.currentTarget.value) })}
            />
            bars a minute
            {#if i > 0}<Button
                kind="quiet"
                aria-label="Remove tempo {i + 1}"
                onclick={() => editor.describe({ tempos: song.tempos.filter((_, other) => other !== i) }, '')}>×</Button
              >{/if}
          </p>
        {/each}
        <p class="flex flex-wrap items-center gap-2">
          <Button
            onclick={() => {
              const last = song.tempos.at(-1) ?? { bar: 0, barsPerMinute: 30 };
              editor.describe({ tempos: [...song.tempos, { ...last, bar: Math.min(last.bar + 8, worked.bars) }] }, '');
            }}>Add a change</Button
          >
          <Button kind="main" onclick={(event) => (taps = tap(taps, event.timeStamp))}>Tap every beat (t)</Button>
          <span role="status"
            >{tapped ? `${tapped} bars a minute` : taps.length > 0 ? `${taps.length} of at least 4 taps` : ''}</span
          >
          {#if tapped}<Button
              onclick={() => {
                changeTempo(0, { barsPerMinute: tapped });
                taps = [];
              }}>Take it</Button
            >{/if}
        </p>
      {/if}
    </section>
    <section aria-label="Metre" class="flex flex-wrap gap-4">
      <label
        >Beats a bar <input
          class={[field, 'w-14 text-right']}
          type="number"
          min="2"
          max="6"
          value={song.beatsPerBar}
          disabled={song.recording !== undefined}
          onchange={(e) => editor.describe({ beatsPerBar: Number(e.currentTarget.value) })}
        /></label
      >
      <label
        >bars a phrase <input
          class={[field, 'w-14 text-right']}
          type="number"
          min="1"
          max="32"
          value={song.phraseBars}
          onchange={(e) => editor.describe({ phraseBars: Number(e.currentTarget.value) })}
        /></label
      >
    </section>
    <section aria-label="Accents">
      <h2 class="text-lg">Accents</h2>
      <p class="flex flex-wrap gap-1.5">
        {#each accents as one, i (i)}
          <button
            type="button"
            class="rounded-xs border border-accent px-1.5 text-accent"
            aria-label="Remove the accent at {one.bar}:{one.beat}"
            onclick={() => editor.describe({ accents: accents.filter((_, other) => other !== i) }, '')}
            >{one.bar}:{one.beat} ×</button
          >
        {:else}<span class="text-soft">none</span>{/each}
      </p>
      <form class="mt-1 flex items-center gap-2" onsubmit={addAccent}>
        <input
          bind:value={accent}
          pattern="\d+(:\d+)?"
          placeholder="bar:beat"
          aria-label="Accent at bar:beat"
          class={[field, 'w-24']}
        />
        <Button type="submit">Add</Button>
      </form>
    </section>
  </div>
</div>
