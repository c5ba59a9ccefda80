<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { api, need, type Schemas } from '$lib/api/client';
  import Rescue from '$lib/rescue/Rescue.svelte';
  import Popover from '$lib/ui/Popover.svelte';
  import SwitchRow from '$lib/ui/SwitchRow.svelte';
  import { getSettings, type Theme, type Wording } from '$lib/settings/settings.svelte';
  import type { Snippet } from 'svelte';
  import GlossaryDialog from '$lib/glossary/GlossaryDialog.svelte';
  import JottingDialog from '$lib/jotting/JottingDialog.svelte';
  import { intake } from '$lib/intake/intake.svelte';
  import TakeInPlace from '$lib/intake/TakeInPlace.svelte';
  import TakeFile from '$lib/intake/TakeFile.svelte';
  import UnsentNotice from '$lib/editing/UnsentNotice.svelte';
  import FindBox from './FindBox.svelte';
  import { isShortcut } from './typing';
  import KeysDialog from './KeysDialog.svelte';
  import StudioNotices from './StudioNotices.svelte';

  interface Props {
    dances: Schemas['DanceView'][];
    /** Whether the page can be locked. */
    hasPassphrase: boolean;
    children: Snippet;
  }

  let { dances, hasPassphrase, children }: Props = $props();
  const settings = getSettings();
  const PLACES = [
    { href: '/', word: 'Today' },
    { href: '/lessons', word: 'Lessons' },
    { href: '/people', word: 'People' },
    { href: '/figures', word: 'Figures' },
    { href: '/links', word: 'Links' },
    { href: '/routines', word: 'Routines' },
    { href: '/rehearse', word: 'Rehearse' },
    { href: '/songs', word: 'Songs' },
    { href: '/events', word: 'Events' }
  ];
  let keys = $state(false);
  let glossary = $state(false);
  let jotting = $state(false);
  let row = $state<HTMLElement>();

  /** The dance chosen is in sight also where the row is longer than the screen. */
  $effect(() => {
    void settings.dance;
    const chosen = row?.querySelector<HTMLElement>('[aria-pressed="true"]');
    if (row && chosen) row.scrollLeft = chosen.offsetLeft - row.offsetLeft - (row.clientWidth - chosen.offsetWidth) / 2;
  });

  /** Comparing, the lists and the rules belong to the figures, classes, practice, drills and cards to the lessons, questions to rehearsing. */
  const OF_FIGURES = ['/compare', '/lists', '/sheet', '/coverage', '/elements', '/strips', '/rules', '/glossary'];
  const OF_LESSONS = ['/classes', '/practice', '/drills', '/cards'];
  const OF_REHEARSING = ['/recall', '/sounds'];
  const path = $derived.by(() => {
    const { pathname } = page.url;
    if (OF_FIGURES.some((p) => pathname.startsWith(p))) return '/figures';
    if (OF_LESSONS.some((p) => pathname.startsWith(p))) return '/lessons';
    if (OF_REHEARSING.some((p) => pathname.startsWith(p))) return '/rehearse';
    return pathname.startsWith('/dancers') ? '/people' : pathname;
  });
  const here = (href: string) => (href === '/' ? path === '/' : path.startsWith(href));

  function switchStyle() {
    const style = settings.style === 'american' ? 'international' : 'american';
    const first = dances.find((d) => d.style === style && d.figures > 0) ?? dances.find((d) => d.style === style);
    settings.prefer({ style });
    if (first) switchDance(first.id);
  }

  /** What is on the desk, or the figure or routine that has the focus in a list, is danced. */
  function rehearse(event: KeyboardEvent) {
    // In a list a letter looks for what begins with it.
    if (event.target instanceof HTMLSelectElement || !isShortcut(event, 'r')) return;
    const on = event.target instanceof Element ? event.target.closest<HTMLAnchorElement>('a[href]') : null;
    const [, place, id] = /^\/(figure|routine)s\/([^/]+)$/.exec(on?.pathname ?? '') ?? [];
    const href = id
      ? `/rehearse?${place}=${id}`
      : document.querySelector<HTMLAnchorElement>('a[data-rehearse]')?.getAttribute('href');
    if (!href) return;
    event.preventDefault();
    void goto(href);
  }

  /** The page is loaded anew, so that nothing of what it showed is left in it. */
  async function lock() {
    await need(api.POST('/api/access/lock'));
    location.assign('/');
  }

  function switchDance(dance: string) {
    settings.prefer({ dance });
    if (page.route.id?.includes('[id]'))
      void goto(page.url.pathname.startsWith('/routines') ? '/routines' : '/figures');
  }
</script>

<svelte:window onkeydown={rehearse} />

<KeysDialog bind:open={keys} />
<GlossaryDialog bind:open={glossary} />
<JottingDialog bind:open={jotting} />

<a href="#work" class="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-raised focus:p-2">To the work</a>
<div class="flex min-h-screen pb-12 sm:pr-12 sm:pb-0 print:p-0">
  <div class="flex min-w-0 grow flex-col">
    <header
      class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line px-3 pt-2.5 pb-1.5 sm:px-5 lg:flex-nowrap print:hidden"
    >
      <a href="/" class="font-display text-xl leading-6 font-bold tracking-tight whitespace-nowrap"
        >Fluid<span class="text-accent italic">Frame</span></a
      >
      <nav aria-label="Dances" bind:this={row} class="row flex min-w-0 items-baseline gap-x-3 overflow-x-auto text-sm">
        {#each dances.filter((d) => d.style === settings.style) as dance (dance.id)}
          <button
            type="button"
            aria-pressed={settings.dance === dance.id}
            onclick={() => switchDance(dance.id)}
            title={dance.figures === 0
              ? `${dance.title}: no figures charted yet`
              : `${dance.title}: ${dance.figures} figures`}
            class={[
              'border-b-2 py-0.5 whitespace-nowrap',
              settings.dance === dance.id
                ? 'border-accent font-semibold text-ink'
                : dance.figures === 0
                  ? 'border-transparent text-soft'
                  : 'border-transparent text-ink hover:border-strong'
            ]}>{dance.title.replace('American ', '')}</button
          >
        {/each}
      </nav>
      <button
        type="button"
        onclick={switchStyle}
        title="The other way of charting and teaching"
        class="border border-line px-1.5 text-xs whitespace-nowrap text-soft hover:border-accent hover:text-accent"
        >{settings.style === 'american' ? 'International' : 'American'} ›</button
      >
      <FindBox />
      <Popover
        label="Settings"
        triggerClass="rounded-xs border border-transparent px-1.5 py-0.5 text-sm text-soft hover:border-line hover:text-ink"
      >
        {#snippet trigger()}Settings{/snippet}
        <div class="flex flex-col gap-3">
          <div class="flex items-center justify-between gap-4">
            <span>Light</span>
            <SwitchRow
              label="Light"
              value={settings.theme}
              options={[
                { value: 'paper', label: 'Paper' },
                { value: 'evening', label: 'Evening' }
              ]}
              onpick={(theme) => settings.prefer({ theme: theme as Theme })}
            />
          </div>
          <div class="flex items-center justify-between gap-4">
            <span>Roles</span>
            <SwitchRow
              label="Roles"
              value={settings.wording}
              options={[
                { value: 'man-lady', label: 'Man / Lady' },
                { value: 'leader-follower', label: 'Leader / Follower' }
              ]}
              onpick={(wording) => settings.prefer({ wording: wording as Wording })}
            />
          </div>
          <button
            type="button"
            class="border-t border-line pt-2 text-left text-accent underline underline-offset-2"
            onclick={() => (keys = true)}>Keys ( ? )</button
          >
          <button
            type="button"
            class="border-t border-line pt-2 text-left text-accent underline underline-offset-2"
            onclick={() => (jotting = true)}>Jot down a line ( j )</button
          >
          <div class="border-t border-line pt-2"><TakeFile label="Take in files" /></div>
          {#if hasPassphrase}<button
              type="button"
              class="border-t border-line pt-2 text-left text-accent underline underline-offset-2"
              onclick={() => void lock()}>Lock the page</button
            >{/if}
          <a href="/backups" class="border-t border-line pt-2 text-accent underline underline-offset-2">Backups</a>
          <a href="/sharing" class="border-t border-line pt-2 text-accent underline underline-offset-2"
            >Sharing and passphrase</a
          >
          <a href="/bin" class="border-t border-line pt-2 text-accent underline underline-offset-2">Bin</a>
        </div>
      </Popover>
    </header>
    <StudioNotices />
    <UnsentNotice />
    <TakeInPlace />
    <main id="work" class="grow px-3 pt-4 pb-8 sm:px-5 print:p-0">
      <Rescue
        >{#key page.route.id?.includes('[id]') ? 0 : intake.generation}{@render children()}{/key}</Rescue
      >
    </main>
  </div>
  <nav
    aria-label="Places"
    class="places fixed inset-x-0 bottom-0 z-30 flex h-12 overflow-x-auto border-t border-line bg-sheet sm:inset-x-auto sm:inset-y-0 sm:right-0 sm:h-full sm:w-11 sm:flex-col sm:gap-0.5 sm:border-t-0 sm:border-l sm:pt-12 print:hidden"
  >
    {#each PLACES as place (place.href)}
      <a
        href={place.href}
        aria-current={here(place.href) ? 'page' : undefined}
        class={[
          'tab flex grow items-center justify-center border px-0.5 font-display text-[0.7rem] max-sm:-mt-px max-sm:border-b-0 sm:-ml-px sm:h-24 sm:grow-0 sm:border-r-0 sm:text-base',
          here(place.href)
            ? 'border-line bg-ground font-bold text-accent max-sm:border-t-ground sm:border-l-ground'
            : 'border-transparent text-soft hover:text-ink'
        ]}>{place.word}</a
      >
    {/each}
  </nav>
</div>

<style>
  .tab {
    border-radius: 0 0 10px 10px;
  }
  @media (width >= 40rem) {
    .tab {
      writing-mode: vertical-rl;
      border-radius: 0 10px 10px 0;
    }
  }
  /* A row that is longer than the screen fades at its edge. */
  @media (width < 64rem) {
    .row {
      padding-right: 2rem;
      mask-image: linear-gradient(to right, black calc(100% - 2.5rem), transparent);
    }
  }
</style>
