<script lang="ts">
  import { page } from '$app/state';
  import { replaceState } from '$app/navigation';
  import { api, need, type RoleName, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { readColumns, told } from '$lib/figure/spine/reading';
  import { getSettings, LAYERS } from '$lib/settings/settings.svelte';
  import Strip from '$lib/stage/Strip.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import SwitchRow from '$lib/ui/SwitchRow.svelte';
  import type { Column } from '$lib/figure/chart-rows';

  interface Props {
    view: Schemas['RoutineView'];
    dances: Schemas['DanceView'][];
    terms: Schemas['RoutineTerms'];
  }

  let { view, dances, terms }: Props = $props();
  const settings = getSettings();
  const LAYER_WORDS = { turn: 'alignment and turn', footwork: 'footwork', body: 'body', lead: 'leads and remarks' };
  let role = $state<RoleName>(page.url.searchParams.get('role') === 'man' ? 'man' : 'lady');
  let large = $state(false);
  let pictures = $state(false);
  const routine = $derived(view.document);
  // The dances at the top show the one that is on the sheet.
  // svelte-ignore state_referenced_locally
  const { dance: shown } = view.document;
  // svelte-ignore state_referenced_locally
  const style = dances.find((one) => one.id === shown)?.style;
  settings.prefer(style ? { dance: shown, style } : { dance: shown });
  const dance = $derived(dances.find((one) => one.id === routine.dance));
  // Folding a layer asks nothing of the server.
  const count = $derived(settings.count);
  const read = loaded(
    () => ({ role, count, routine }),
    ({ role, count, routine }) =>
      need(api.POST('/api/routines/sheet', { params: { query: { role, count } }, body: routine }))
  );
  const phrases = $derived(
    Object.entries(Object.groupBy(read.current?.parts ?? [], (section) => section.phrase)).map(
      ([phrase, sections]) => ({
        phrase,
        sections: sections ?? []
      })
    )
  );
  const columns = $derived(readColumns(settings));
  // Asked for only by whoever wants pictures.
  const danced = loaded(
    () => (pictures ? { count, routine } : null),
    async (wanted) =>
      wanted &&
      need(api.POST('/api/motion/routines', { params: { query: { count: wanted.count } }, body: wanted.routine }))
  );
  const motion = $derived(pictures ? danced.current : null);
  /** Seen from between the wall and the line, where the nearer dancer hides least of the other. */
  const SLANTING = 0.7;

  /** Which figure danced a part of the sheet is. */
  const blockOf = (section: Schemas['SheetPartView']) =>
    motion?.blocks.findIndex((block) => block.name === section.name && block.bar === section.bar) ?? -1;

  function pick(value: string) {
    role = value as RoleName;
    replaceState(`?role=${role}`, {});
  }

  function begins(section: Schemas['SheetPartView']): string {
    return `bar ${section.bar}${section.beat === '1' ? '' : `, on ${section.beat}`}`;
  }
</script>

<div class="mb-3 flex flex-wrap items-center gap-x-4 gap-y-2 print:hidden">
  <a class="text-sm text-accent underline underline-offset-2" href="/routines/{view.id}">‹ {routine.name}</a>
  <SwitchRow
    label="Whose part"
    value={role}
    options={[
      { value: 'man', label: settings.Role('man') },
      { value: 'lady', label: settings.Role('lady') }
    ]}
    onpick={pick}
  />
  <label class="text-sm text-soft"
    >count
    <select
      class="rounded-xs border border-strong bg-raised px-1 py-0.5 text-ink"
      value={settings.count}
      onchange={(e) => settings.prefer({ count: e.currentTarget.value })}
    >
      <option value="">as charted</option>
      {#each terms.counts as language (language)}<option>{language}</option>{/each}
    </select></label
  >
  {#each LAYERS as layer (layer)}
    <label class="flex items-center gap-1 text-sm text-soft"
      ><input type="checkbox" checked={settings.shows(layer)} onchange={() => settings.fold(layer)} />
      {LAYER_WORDS[layer]}</label
    >
  {/each}
  <label class="flex items-center gap-1 text-sm text-soft"
    ><input type="checkbox" bind:checked={large} /> large print</label
  >
  <label class="flex items-center gap-1 text-sm text-soft"
    ><input type="checkbox" bind:checked={pictures} /> pictures</label
  >
  {#if pictures}<Button disabled={!motion && !danced.failed} onclick={() => window.print()}>Print with pictures</Button
    >{/if}
  <a
    class="ml-auto rounded-xs border border-accent bg-accent px-2.5 py-1 text-sm text-on-accent"
    href="/print/part/{view.id}?role={role}">Print or PDF</a
  >
</div>
<Failed why={read.failed || danced.failed} />
{#if read.current}
  <article class={['sheet max-w-4xl bg-raised p-4 sm:p-6 print:max-w-none print:p-0', { large }]} aria-label="Sheet">
    <header class="mb-3 flex flex-wrap items-baseline gap-x-3 border-b-4 border-double border-ink pb-1">
      <h1 class="text-[1.9em]">{routine.name}</h1>
      <span class={['font-semibold', role === 'man' ? 'text-man' : 'text-lady']}>{settings.Role(role)}'s part</span>
      <span>{dance?.title ?? routine.dance}, {routine.tempo} bars a minute</span>
      {#if routine.couple}<span>for {routine.couple}</span>{/if}
      <span class="ml-auto text-[0.75em] text-soft"
        >version {view.version} · {new Date(view.savedAt).toLocaleDateString('en-GB', { dateStyle: 'medium' })}</span
      >
    </header>
    {#if phrases.length === 0}
      <p class="text-soft">
        Nothing is danced in this routine yet. Put its first figure in on <a
          class="text-accent underline"
          href="/routines/{view.id}">its desk</a
        >.
      </p>
    {/if}
    {#each phrases as { phrase, sections } (phrase)}
      <section aria-label="Phrase {phrase}" class="border-t-2 border-strong pt-1 first-of-type:border-t-0">
        <p class="text-[0.75em] text-soft">phrase {phrase}</p>
        {#each sections as section, nth (nth)}
          <section aria-label="{section.name}, {begins(section)}" class="figure mb-3">
            <h2 class="flex flex-wrap items-baseline gap-x-3 text-[1.25em]">
              {section.name}
              <span class="font-text text-[0.7em] font-normal text-soft">{begins(section)}</span>
            </h2>
            {#if section.problem}<p class="border-l-4 border-broken pl-2 text-[0.85em] text-broken">
                {settings.say(section.problem)}
              </p>{/if}
            {#if section.note}<p class="text-[0.9em] italic">{section.note}</p>{/if}
            {#each section.cautions as caution, nth (nth)}<p class="border-l-4 border-accent pl-2 text-[0.85em]">
                {settings.tell(caution, false)}
              </p>{/each}
            {#if motion && section.lines.length > 0}
              {@const block = blockOf(section)}
              {#if block >= 0}<Strip {motion} {block} seen={SLANTING} />{/if}
            {/if}
            {#if section.lines.length > 0}
              <table class="w-full">
                <thead class="sr-only"
                  ><tr
                    ><th scope="col">bar</th><th scope="col">count</th><th scope="col">step</th><th scope="col">how</th
                    ></tr
                  ></thead
                >
                <tbody>
                  {#each section.lines as line, step (step)}
                    <tr class="line border-t border-line align-baseline">
                      <td class="w-8 text-[0.75em] text-soft"
                        >{line.bar === section.lines[step - 1]?.bar ? '' : line.bar}</td
                      >
                      <th scope="row" class="w-16 text-left font-display font-semibold">{line.count}</th>
                      <td class={['w-64 pr-3 font-semibold max-sm:w-auto', role === 'man' ? 'text-man' : 'text-lady']}
                        >{line.cells.foot}F {line.cells.place}</td
                      >
                      <td class="amount text-[0.88em]">{told(columns, (column: Column) => line.cells[column] ?? '')}</td
                      >
                    </tr>
                  {/each}
                </tbody>
              </table>
            {:else}
              <p class="text-[0.9em] text-soft">
                {section.beats} beats{section.problem ? '' : ', without steps of this part'}
              </p>
            {/if}
          </section>
        {/each}
      </section>
    {/each}
    <footer class="mt-4 border-t border-line pt-1 text-[0.75em] text-soft">
      Made with your own charts; your organisation's rules come first. Dance within what your body allows: pain is a
      signal to stop and to ask somebody qualified.
    </footer>
  </article>
{/if}

<style>
  .sheet {
    font-size: 15px;
  }
  .sheet.large {
    font-size: 21px;
  }
  /* On a phone a step takes two lines: what it is, and how. */
  @media screen and (width < 40rem) {
    .line {
      display: grid;
      grid-template-columns: 2rem 3rem 1fr;
      align-items: baseline;
    }
    .line > :last-child {
      grid-column: 3;
    }
  }
  .figure tr {
    break-inside: avoid;
  }
  .figure h2 {
    break-after: avoid;
  }
  @media print {
    .sheet {
      font-size: 10.5pt;
    }
    .sheet.large {
      font-size: 15pt;
    }
    @page {
      size: A4;
      margin: 14mm;
    }
  }
</style>
