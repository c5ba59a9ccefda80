<script lang="ts">
  import Button from '$lib/ui/Button.svelte';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type FigureSummary } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { readingList } from '$lib/list/reading-list';
  import { element, plain } from '$lib/routine/routine-edits';
  import { getRoutineEditor } from '$lib/routine/routine-editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  const editor = getRoutineEditor();
  const settings = getSettings();
  let query = $state('');
  let free = $state('');
  /** Beats as typed; a bar of the dance until then. */
  let typedBeats = $state<number | null>(null);
  const freeBeats = $derived(typedBeats ?? editor.work?.beatsPerBar ?? 4);
  // Without the list there are no levels to show, and every figure still can be chosen.
  const list = loaded(
    () => settings.list,
    () => readingList(settings)
  );
  const levels = $derived(
    new Map(
      (list.current?.levels ?? []).flatMap((level) =>
        level.figures.map((id): [string, string] => [id, level.name.toLowerCase()])
      )
    )
  );
  // Names can be typed without the list of known ones.
  const elements = loaded(
    () => editor.id,
    () => need(api.GET('/api/elements'))
  );
  let every = $state.raw<FigureSummary[] | null>(null);
  const attempt = new Attempt();
  const next = $derived(
    (editor.work?.next ?? []).filter((n) => n.name.toLowerCase().includes(query.trim().toLowerCase()))
  );
  const block = $derived(editor.work?.blocks[editor.selected]);

  function onkeydown(event: KeyboardEvent) {
    if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
    const stops = [...document.querySelectorAll<HTMLElement>('[data-follow]')];
    const at = stops.indexOf(document.activeElement as HTMLElement);
    const to = stops[at + (event.key === 'ArrowDown' ? 1 : -1)];
    if (!to) return;
    event.preventDefault();
    to.focus();
  }

  async function showEvery() {
    if (every) return (every = null);
    await attempt.run(async () => {
      every = await need(api.GET('/api/figures', { params: { query: { dance: editor.routine.dance } } }));
    });
  }

  const bars = (count: number) =>
    `${Number.isInteger(count) ? count : count.toFixed(1)} ${count === 1 ? 'bar' : 'bars'}`;
</script>

<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<section aria-label="What can follow" {onkeydown}>
  <div class="mb-1 flex items-baseline gap-2">
    <h2 class="text-base">{block ? `What can follow ${block.name}` : 'What to begin with'}</h2>
    <input
      bind:value={query}
      type="search"
      aria-label="Narrow what can follow"
      placeholder="narrow"
      class="ml-auto w-28 rounded-xs border border-line bg-raised px-1.5 py-0.5 text-sm"
    />
  </div>
  <ul class="max-h-72 overflow-y-auto border-y border-line text-sm">
    {#each next as figure, nth (nth)}
      <li>
        <button
          type="button"
          data-follow
          class="flex w-full items-baseline gap-2 border-b border-line px-1 py-1 text-left hover:bg-sheet"
          onclick={() => editor.insertAfterSelected(figure.figure, figure.adjustment)}
        >
          <span class="font-semibold">{figure.name}</span>
          {#if figure.adjustment}<span class="text-doubtful">if you {figure.adjustment.words}</span>{/if}
          {#if figure.customary}<span class="text-xs text-sound">customary</span>{/if}
          {#if figure.leadsOn}<span class="text-xs text-accent">leads on to the next</span>{/if}
          <span class="ml-auto text-xs whitespace-nowrap text-soft"
            >{levels.get(figure.figure.figure ?? '')} {bars(figure.bars)}</span
          >
        </button>
      </li>
    {:else}
      <li class="p-2 text-soft">
        {!editor.work
          ? 'Working it out …'
          : query
            ? 'None of that name can follow here.'
            : 'Nothing in the library can follow here. Change the last figure, or put one in by force below.'}
      </li>
    {/each}
  </ul>
  <form
    class="mt-1.5 flex items-center gap-1.5 text-sm"
    onsubmit={(event) => {
      event.preventDefault();
      editor.insertAfterSelected(element(free.trim(), freeBeats));
      free = '';
    }}
  >
    <input
      bind:value={free}
      required
      maxlength="80"
      aria-label="Free element"
      placeholder="free element, such as a pose"
      list="free-elements"
      class="min-w-0 grow rounded-xs border border-line bg-raised px-1.5 py-0.5"
    />
    <datalist id="free-elements">
      {#each elements.current ?? [] as known, nth (nth)}<option value={known.name}></option>{/each}
    </datalist>
    <label class="whitespace-nowrap"
      ><input
        value={freeBeats}
        oninput={(event) => (typedBeats = event.currentTarget.value === '' ? null : Number(event.currentTarget.value))}
        type="number"
        min="1"
        max="128"
        step="0.5"
        required
        class="w-16 rounded-xs border border-line bg-raised px-1 py-0.5 text-right"
      /> beats</label
    >
    <Button type="submit" disabled={free.trim() === ''}>Put in</Button>
  </form>
  <div class="mt-1.5">
    <Button kind="quiet" aria-expanded={every !== null} onclick={() => void showEvery()}
      >Any figure, whether it joins or not</Button
    >
    <Failed small why={attempt.failed} />
    {#if every}
      <ul class="mt-1 flex flex-wrap gap-1.5">
        {#each every as figure (figure.id)}
          <li>
            <Button onclick={() => editor.insertAfterSelected(plain(figure.id))}>{figure.name}</Button>
          </li>
        {/each}
      </ul>
    {/if}
  </div>
</section>
