<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { api, need, type FigureSummary } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { grouped, ORDERS, type Order } from '$lib/list/levels';
  import { readingList } from '$lib/list/reading-list';
  import { getSettings } from '$lib/settings/settings.svelte';
  import LibraryLinks from '$lib/list/LibraryLinks.svelte';
  import Button from '$lib/ui/Button.svelte';
  import { isShortcut } from '$lib/shell/typing';
  import FigureLine from './FigureLine.svelte';
  import NewFigureDialog from './NewFigureDialog.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  const settings = getSettings();
  let query = $derived(page.url.searchParams.get('q') ?? '');
  let position = $state('');
  let finish = $state('');
  let foot = $state('');
  let level = $state('');
  let order = $state<Order>('as taught');
  let everywhere = $state(false);
  let creating = $state(false);
  let marked = $state<string[]>([]);
  const found = loaded(
    // What is searched for may be found in another dance.
    () => ({ dance: query ? 'all' : settings.dance, q: query }),
    async (query) => {
      const [figures, begun] = await Promise.all([
        need(api.GET('/api/figures', { params: { query } })),
        need(api.GET('/api/new-figures'))
      ]);
      return { figures, begun };
    }
  );
  const all = $derived(found.current?.figures ?? null);
  const figures = $derived(all?.filter((f) => f.dance === settings.dance) ?? null);
  const begun = $derived(found.current?.begun ?? []);
  const list = loaded(
    () => settings.list,
    () => readingList(settings)
  );
  const fits = (f: FigureSummary) =>
    (!position || f.start.position === position) &&
    (!finish || f.finish.position === finish) &&
    (!foot || f.start.manFoot === foot);
  const shown = $derived((figures ?? []).filter(fits));
  const others = $derived((all ?? []).filter((f) => f.dance !== settings.dance && fits(f)));
  const levels = $derived(grouped(shown, list.current?.levels ?? [], order));
  const groups = $derived(levels.filter((group) => !level || group.level === level));
  const count = $derived(groups.reduce((n, group) => n + group.figures.length, 0));
  const positions = $derived([...new Set((figures ?? []).map((f) => f.start.position))]);
  const finishes = $derived([...new Set((figures ?? []).map((f) => f.finish.position))]);

  function mark(id: string) {
    marked = marked.includes(id) ? marked.filter((m) => m !== id) : [...marked.slice(-1), id];
  }

  /** n begins a figure, unless somebody is typing. */
  function shortcut(event: KeyboardEvent) {
    if (!isShortcut(event, 'n')) return;
    event.preventDefault();
    creating = true;
  }

  /** Arrow keys walk through the list from the search field on. */
  function onkeydown(event: KeyboardEvent) {
    if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
    const stops = [...document.querySelectorAll<HTMLElement>('[data-stop]')];
    const at = stops.indexOf(document.activeElement as HTMLElement);
    const next = stops[at + (event.key === 'ArrowDown' ? 1 : -1)];
    if (at < 0 || !next) return;
    event.preventDefault();
    next.focus();
  }
</script>

<svelte:window onkeydown={shortcut} />
<NewFigureDialog bind:open={creating} figures={figures ?? []} />
<!-- svelte-ignore a11y_no_static_element_interactions -->
<div {onkeydown}>
  <LibraryLinks here="/figures" />
  <div class="mb-2 flex flex-wrap items-end gap-x-4 gap-y-2">
    <h1 class="text-3xl">Figures</h1>
    {#if query}
      <p class="text-sm">
        like <span class="font-semibold">{query}</span>
        <Button kind="quiet" onclick={() => void goto('/figures', { keepFocus: true })}>Show all</Button>
      </p>
    {/if}
    <p class="ml-auto text-sm text-soft" role="status">{count} {count === 1 ? 'figure' : 'figures'}</p>
    {#if marked.length === 2}
      <Button onclick={() => void goto(`/compare?left=${marked[0]}&right=${marked[1]}`)}>Compare the two</Button>
    {:else if marked.length === 1}
      <span class="text-sm text-soft">mark one more to compare</span>
    {/if}
    <Button kind="main" onclick={() => (creating = true)} title="n">New figure</Button>
  </div>
  <div class="mb-3 flex flex-wrap items-center gap-x-4 gap-y-1 text-sm text-soft">
    <label
      >begins in
      <select bind:value={position} class="rounded-xs border border-line bg-raised px-1 py-0.5 text-ink">
        <option value="">any position</option>
        {#each positions as name (name)}<option>{name}</option>{/each}
      </select></label
    >
    <label
      >on the {settings.role('man')}'s
      <select bind:value={foot} class="rounded-xs border border-line bg-raised px-1 py-0.5 text-ink">
        <option value="">either foot</option>
        <option value="L">left foot</option>
        <option value="R">right foot</option>
      </select></label
    >
    <label
      >ends in
      <select bind:value={finish} class="rounded-xs border border-line bg-raised px-1 py-0.5 text-ink">
        <option value="">any position</option>
        {#each finishes as name (name)}<option>{name}</option>{/each}
      </select></label
    >
    <label
      >level
      <select bind:value={level} class="rounded-xs border border-line bg-raised px-1 py-0.5 text-ink">
        <option value="">all of “{list.current?.name ?? ''}”</option>
        {#each levels as group, nth (nth)}<option value={group.level}>{group.level} ({group.figures.length})</option
          >{/each}
      </select></label
    >
    <label
      >order
      <select bind:value={order} class="rounded-xs border border-line bg-raised px-1 py-0.5 text-ink">
        {#each ORDERS as name (name)}<option>{name}</option>{/each}
      </select></label
    >
  </div>
  {#each begun.filter((b) => b.dance === settings.dance) as one (one.id)}
    <p class="mb-1 border-l-4 border-accent pl-2 text-sm">
      <a data-stop class="font-semibold hover:text-accent" href="/figures/{one.id}">{one.name}</a>
      <span class="text-soft">begun, not saved as a version yet</span>
    </p>
  {/each}
  <Failed why={found.failed || list.failed} />
  {#if figures !== null && !found.failed && count === 0}
    <p class="mt-8 max-w-prose text-soft">
      {query || position || foot || finish || level
        ? 'No figure of this dance is like that. Take a word away, or try another name for it.'
        : 'No figures are charted in this dance yet. Begin one with New figure.'}
    </p>
  {/if}
  {#each groups as group, nth (nth)}
    <section class="mb-5" aria-label={group.level}>
      <div class="flex items-baseline gap-3 border-b-2 border-ink">
        <h2 class="text-lg">{group.level}</h2>
        <span class="ml-auto hidden w-[28rem] shrink-0 grid-cols-[1fr_1fr_6rem] gap-3 text-xs text-soft md:grid"
          ><span>starts</span><span>finishes</span><span class="text-right">length, turn</span></span
        >
      </div>
      <ul>
        {#each group.figures as figure (figure.id)}<FigureLine
            {figure}
            marked={marked.includes(figure.id)}
            onmark={() => mark(figure.id)}
          />{/each}
      </ul>
    </section>
  {/each}
  {#if query && others.length > 0}
    <section class="mb-5" aria-label="In other dances">
      <Button aria-expanded={everywhere || count === 0} onclick={() => (everywhere = !everywhere)}
        >in other dances: {others.length}</Button
      >
      {#if everywhere || count === 0}
        <ul class="mt-2 border-t-2 border-ink">
          {#each others as figure (figure.id)}<FigureLine
              {figure}
              showDance
              marked={marked.includes(figure.id)}
              onmark={() => mark(figure.id)}
            />{/each}
        </ul>
      {/if}
    </section>
  {/if}
  {#if count > 0}
    <p class="text-xs text-soft">
      {list.current?.starter
        ? "Levels are a starter list; your own organisation's current list comes first."
        : `Levels are those of “${list.current?.name ?? ''}”.`} In the drawings the bar with the square is the {settings.role(
        'man'
      )}, the curve with the disc the {settings.role('lady')}, the dot the free foot, the arrow the line of dance.
    </p>
  {/if}
</div>
