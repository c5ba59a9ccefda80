<script lang="ts">
  import { many } from '$lib/ui/many';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { download } from '$lib/api/files';
  import Button from '$lib/ui/Button.svelte';
  import { clock } from '$lib/song/clock';
  import { getRoutineEditor } from '$lib/routine/routine-editor.svelte';
  import FitProposals from './FitProposals.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  const editor = getRoutineEditor();
  const songs = loaded(
    () => editor.id,
    () => need(api.GET('/api/songs', { params: { query: { limit: 500 } } }))
  );
  /** Only music of the dance's metre can carry it; what is chosen already stays to be seen. */
  const offered = $derived(
    (songs.current?.lines ?? []).filter(
      (song) => song.id === editor.routine.song || song.beatsPerBar === editor.work?.beatsPerBar
    )
  );
  const others = $derived(editor.work ? (songs.current?.lines.length ?? 0) - offered.length : 0);
  const attempt = new Attempt();
  const fit = $derived(editor.work?.fit);
  const field = 'rounded-xs border border-line bg-raised px-1.5 py-0.5';
  const off = $derived(fit?.meetings.filter((meeting) => meeting.late > 0) ?? []);

  const beatsPerBar = $derived(editor.work?.beatsPerBar ?? 3);
  /** Beats from the beginning of a figure to where the next should begin so that the section meets it. */
  function meetAt(meeting: Schemas['MeetingView'], block: number) {
    const blocks = editor.work?.blocks ?? [];
    const lead = (blocks.find((b) => b.figure)?.startBeat ?? 0) % beatsPerBar;
    return meeting.startBeat + lead - (blocks[block]?.startBeat ?? 0);
  }

  /** Another song begins where its own dance does. */
  function choose(id: string) {
    editor.describe({ song: id, songBar: undefined });
  }

  const practise = () =>
    attempt.run(async () => {
      const file: unknown = await need(api.POST('/api/routines/midi', { body: editor.routine, parseAs: 'blob' }));
      download(file as Blob, `${editor.routine.name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}.mid`);
    });
</script>

<section aria-label="Music" class="flex flex-col gap-3 text-sm">
  <div class="flex flex-wrap items-center gap-3">
    <label
      >Song <select class={field} value={editor.routine.song ?? ''} onchange={(e) => choose(e.currentTarget.value)}>
        <option value="">none, {editor.routine.tempo} bars a minute</option>
        {#each offered as song (song.id)}<option value={song.id}>{song.name}, {clock(song.seconds)}</option>{/each}
      </select></label
    >
    <label
      >phrase <input
        class={[field, 'w-14 text-right']}
        type="number"
        min="1"
        max="32"
        value={editor.routine.phraseBars ?? 8}
        onchange={(e) =>
          e.currentTarget.validity.valid && editor.describe({ phraseBars: Number(e.currentTarget.value) })}
      /> bars</label
    >
    {#if fit}<label
        >begins on bar <input
          class={[field, 'w-16 text-right']}
          type="number"
          min="1"
          max="800"
          value={fit.songBar}
          onchange={(e) =>
            e.currentTarget.validity.valid && editor.describe({ songBar: Number(e.currentTarget.value) })}
        /></label
      >{/if}
  </div>
  {#if others > 0}<p class="text-soft">
      {others === 1 ? 'One other song is' : `${others} other songs are`} counted otherwise than this dance.
    </p>{/if}
  <Failed why={songs.failed || attempt.failed} />
  {#if editor.work?.fitProblem}<p role="alert" class="text-broken">{editor.work.fitProblem}</p>{/if}
  {#if fit}
    <p role="status" class={fit.spareBars === 0 ? 'text-sound' : fit.spareBars < 0 ? 'font-semibold text-broken' : ''}>
      {#if fit.spareBars === 0}The routine ends with the song.
      {:else if fit.spareBars > 0}{Number(fit.spareBars.toFixed(2))} bars of the song are left after it: fill them, or hold
        the last figure.
      {:else}It goes on {Number((-fit.spareBars).toFixed(2))} bars after the song has ended: shorten it.{/if}
    </p>
    {#if fit.spareBars > 0}<FitProposals
        words="Fill what is left"
        from={editor.routine.figures.length}
        to={editor.routine.figures.length}
        beats={fit.spareBars * beatsPerBar}
      />{/if}
    {#if off.length}
      <ul class="list-disc pl-5">
        {#each off as meeting, nth (nth)}
          <li>
            {meeting.section} begins at {clock(meeting.seconds)}, {many(meeting.late, 'beat')} into figure {meeting.block +
              1},
            {editor.work?.blocks[meeting.block]?.name}.
            <Button kind="quiet" class="px-1 py-0" onclick={() => editor.select(meeting.block)}>Show</Button>
            {#each [0, 1, 2].filter((back) => meeting.block - back >= 0) as back (back)}
              {@const beats = meetAt(meeting, meeting.block - back)}
              {#if beats > 0}<FitProposals
                  words={back === 0
                    ? `Something that ends there instead of it`
                    : `Instead of it and the ${back === 1 ? 'figure' : 'two'} before`}
                  from={meeting.block - back}
                  to={meeting.block + 1}
                  {beats}
                />{/if}
            {/each}
          </li>
        {/each}
      </ul>
    {:else}<p class="text-sound">Every section begins with a figure.</p>{/if}
    <table class="w-full">
      <thead class="text-left text-xs text-soft"
        ><tr
          ><th class="font-normal">figure</th><th class="font-normal">bar:beat</th><th class="font-normal">at</th><th
            class="font-normal">section</th
          ></tr
        ></thead
      >
      <tbody>
        {#each fit.falls as fall, i (i)}
          <tr class={['border-t border-line', editor.selected === i && 'bg-tint']}
            ><td>{editor.work?.blocks[i]?.name}</td><td>{fall.bar}:{fall.beat}</td><td>{clock(fall.seconds)}</td><td
              >{fall.section}</td
            ></tr
          >
        {/each}
      </tbody>
    </table>
  {/if}
  <p>
    <Button onclick={() => void practise()}>Save as MIDI</Button>
    <span class="text-soft">clicks, tempo, a marker at each figure, counts as lyrics</span>
  </p>
</section>
