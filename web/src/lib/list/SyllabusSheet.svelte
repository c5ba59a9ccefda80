<script lang="ts">
  import { api, need, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import EndGlyph from '$lib/library/EndGlyph.svelte';
  import { grouped, turns } from './levels';
  import { readingList } from './reading-list';
  import { getSettings } from '$lib/settings/settings.svelte';
  import LibraryLinks from './LibraryLinks.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  const settings = getSettings();
  let all = $state(false);
  const read = loaded(
    () => ({ dance: all ? 'all' : settings.dance, list: settings.list }),
    async ({ dance }) => {
      const [list, figures, dances] = await Promise.all([
        readingList(settings),
        need(api.GET('/api/figures', { params: { query: { dance } } })),
        need(api.GET('/api/dances'))
      ]);
      return { list, figures, dances };
    }
  );
  const list = $derived(read.current?.list);
  const figures = $derived(read.current?.figures ?? []);
  const dances = $derived(read.current?.dances ?? []);

  const pages = $derived(
    dances
      .filter((dance) => figures.some((figure) => figure.dance === dance.id))
      .map((dance) => ({
        dance,
        groups: grouped(
          figures.filter((figure) => figure.dance === dance.id),
          list?.levels ?? [],
          'as taught'
        )
      }))
  );
  const words = (end: Schemas['EndView']) =>
    `${end.alignment}, ${end.manFoot || end.ladyFoot}F, ${end.outside ? 'next step outside' : end.position}`;
</script>

<LibraryLinks here="/sheet" />
<div class="mb-3 flex flex-wrap items-center gap-x-4 gap-y-1 print:hidden">
  <h1 class="text-3xl">Syllabus sheet</h1>
  <label class="flex items-center gap-1 text-sm text-soft"
    ><input type="checkbox" bind:checked={all} /> all dances, a page each</label
  >
  <span class="text-sm text-soft">by “{list?.name ?? ''}”</span>
  <a
    class="ml-auto rounded-xs border border-accent bg-accent px-2.5 py-1 text-sm text-on-accent"
    href="/print/syllabus/{all ? 'all' : settings.dance}">Print or PDF</a
  >
</div>
<Failed why={read.failed} />
{#each pages as { dance, groups } (dance.id)}
  <section class="sheet mb-8 bg-raised p-3 sm:p-6 print:mb-0 print:p-0" aria-label={dance.title}>
    <header class="mb-2 flex flex-wrap items-baseline gap-x-3 border-b-4 border-double border-ink pb-1">
      <h2 class="text-2xl">{dance.title}</h2>
      <span class="text-sm">{list?.name}</span>
      <span class="ml-auto text-xs text-soft">the list of your own organisation comes first</span>
    </header>
    <table class="w-full text-xs">
      <thead class="max-sm:hidden print:table-header-group">
        <tr class="text-left text-soft">
          <th scope="col" class="w-5 font-normal"><span class="sr-only">Taught</span></th>
          <th scope="col" class="font-normal">figure</th>
          <th scope="col" class="font-normal">starts</th>
          <th scope="col" class="font-normal">finishes</th>
          <th scope="col" class="text-right font-normal">length</th>
          <th scope="col" class="pl-2 text-right font-normal">turn</th>
        </tr>
      </thead>
      {#each groups as group, nth (nth)}
        <tbody>
          <tr
            ><th colspan="6" scope="rowgroup" class="pt-2 text-left font-display text-base font-bold">{group.level}</th
            ></tr
          >
          {#each group.figures as figure (figure.id)}
            <tr class="row border-t border-line">
              <td><span class="inline-block size-3 border border-strong align-middle" aria-hidden="true"></span></td>
              <td class="name py-0.5 pr-2"
                ><span class="text-sm font-semibold">{figure.name}</span>
                <span class="text-soft">{figure.otherNames[0] ?? ''}</span></td
              >
              <td class="end pr-2"
                ><span class="flex items-center gap-1"
                  ><span class="small"
                    ><EndGlyph end={figure.start} solo={figure.solo} label="starts {words(figure.start)}" /></span
                  >{words(figure.start)}</span
                ></td
              >
              <td class="end pr-2"
                ><span class="flex items-center gap-1"
                  ><span class="small"
                    ><EndGlyph end={figure.finish} solo={figure.solo} label="finishes {words(figure.finish)}" /></span
                  >{words(figure.finish)}</span
                ></td
              >
              <td class="amount text-right whitespace-nowrap">{figure.bars}</td>
              <td class="amount pl-2 text-right whitespace-nowrap">{turns(figure, settings).join(', ')}</td>
            </tr>
          {/each}
        </tbody>
      {/each}
    </table>
  </section>
{/each}

<style>
  /* On a phone a figure takes three lines: what it is, how it starts, how it finishes. */
  @media screen and (width < 40rem) {
    .row {
      display: grid;
      grid-template-columns: auto 1fr auto auto;
      align-items: center;
      column-gap: 0.4rem;
      padding-bottom: 0.2rem;
    }
    .row > td {
      grid-row: 1;
    }
    .row > .end {
      grid-row: auto;
      grid-column: 2 / -1;
    }
  }

  .small :global(svg) {
    width: 1.6rem;
    height: 1.5rem;
  }
  /* The longest dance has to fit on one page: rows of one line, and small. */
  @media print {
    .sheet:not(:last-child) {
      break-after: page;
    }
    .sheet td {
      padding-block: 3px;
    }
    .sheet table,
    .sheet table :global(.text-sm) {
      font-size: 8px;
      white-space: nowrap;
    }
    .small :global(svg) {
      width: 1.1rem;
      height: 1rem;
    }
    @page {
      size: A4;
      margin: 10mm;
    }
  }
</style>
