<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type FigureSummary } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import { isShortcut } from './typing';

  /** The one search field: it narrows the list of figures where that is shown, and offers what it finds anywhere else. */
  const settings = getSettings();
  const OFFERED = 8;
  const attempt = new Attempt();
  const id = $props.id();
  let field = $state<HTMLInputElement>();
  let typed = $state('');
  let open = $state(false);
  let picked = $state(-1);
  const inList = $derived(page.route.id === '/figures');
  const query = $derived(inList ? (page.url.searchParams.get('q') ?? '') : typed);
  const found = loaded(
    () => (inList ? '' : typed.trim()),
    async (q) => (q === '' ? [] : need(api.GET('/api/figures', { params: { query: { dance: 'all', q } } })))
  );
  const here = $derived((found.current ?? []).filter((f) => f.dance === settings.dance));
  const elsewhere = $derived((found.current ?? []).length - here.length);
  const offers = $derived<FigureSummary[]>(open && typed.trim() !== '' ? here.slice(0, OFFERED) : []);
  /** What is found beyond what is offered. */
  const summary = $derived(
    [
      here.length === 0 ? 'none in this dance' : here.length > OFFERED ? `${here.length} in this dance` : '',
      elsewhere > 0 ? `in other dances: ${elsewhere}` : ''
    ]
      .filter(Boolean)
      .join('; ') || 'show in the list'
  );
  const all = $derived(`/figures?q=${encodeURIComponent(typed.trim())}`);

  function type(text: string) {
    picked = -1;
    open = true;
    if (!inList) {
      typed = text;
      return;
    }
    const to = text === '' ? '/figures' : `/figures?q=${encodeURIComponent(text)}`;
    void goto(to, { replaceState: true, keepFocus: true, noScroll: true });
  }

  function leaveFor(path: string) {
    open = false;
    typed = '';
    void goto(path);
  }

  function onkeydown(event: KeyboardEvent) {
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      const by = event.key === 'ArrowDown' ? 1 : -1;
      if (inList && by > 0) document.querySelector<HTMLElement>('a[data-stop]')?.focus();
      else if (offers.length > 0) picked = Math.max(-1, Math.min(picked + by, offers.length - 1));
      else return;
      event.preventDefault();
    } else if (event.key === 'Escape' && open) {
      open = false;
    }
  }

  async function submit(event: SubmitEvent) {
    event.preventDefault();
    const wanted = offers[picked];
    if (wanted) return leaveFor(`/figures/${wanted.id}`);
    if (!inList) return typed.trim() === '' ? undefined : leaveFor(all);
    // Asked anew: what the list shows may still be what was typed a moment ago.
    await attempt.run(async () => {
      const asked = { dance: settings.dance, q: query };
      const [first] = await need(api.GET('/api/figures', { params: { query: asked } }));
      if (first && query === asked.q) leaveFor(`/figures/${first.id}`);
    });
  }

  function shortcut(event: KeyboardEvent) {
    if (!isShortcut(event, '/')) return;
    event.preventDefault();
    field?.focus();
    field?.select();
  }
</script>

<svelte:window onkeydown={shortcut} />
<form
  onsubmit={(event) => void submit(event)}
  role="search"
  class="relative ml-auto flex items-center"
  onfocusout={(event) => {
    if (!event.currentTarget.contains(event.relatedTarget as Node | null)) open = false;
  }}
>
  <input
    bind:this={field}
    value={query}
    oninput={(event) => type(event.currentTarget.value)}
    {onkeydown}
    onfocus={() => (open = true)}
    type="search"
    role="combobox"
    aria-label="Find a figure"
    aria-expanded={offers.length > 0}
    aria-controls="found-{id}"
    aria-activedescendant={picked >= 0 ? `found-${id}-${picked}` : undefined}
    autocomplete="off"
    spellcheck="false"
    placeholder="Find a figure  ( / )"
    title="A name, “promenade RF”, “lady spins”, “turns left 1/4”, “SSQQ”"
    class={[
      'rounded-xs border border-strong bg-raised px-2 py-0.5 text-sm',
      inList ? 'w-44 border-accent sm:w-64' : 'w-36 sm:w-44'
    ]}
  />
  <div
    hidden={!attempt.failed &&
      (inList || !open || typed.trim() === '' || (found.current === undefined && !found.failed))}
    class="absolute top-full -right-16 z-40 mt-0.5 w-72 rounded-xs border border-strong bg-raised py-1 text-sm shadow-lg sm:right-0 sm:w-80"
  >
    <ul id="found-{id}" role="listbox" aria-label="Found">
      {#each offers as figure, i (figure.id)}
        <li
          id="found-{id}-{i}"
          role="option"
          aria-selected={i === picked}
          class={['cursor-pointer px-2 py-0.5', i === picked && 'bg-tint']}
          onpointerdown={(event) => {
            event.preventDefault();
            leaveFor(`/figures/${figure.id}`);
          }}
        >
          <span class="font-semibold">{figure.name}</span>
          <span class="text-xs text-soft">{figure.bars}</span>
        </li>
      {/each}
    </ul>
    {#if found.failed || attempt.failed}
      <p class="px-2 py-0.5 text-broken">{found.failed || attempt.failed}</p>
    {:else}
      <a
        href={all}
        class="block px-2 py-0.5 text-soft hover:text-accent"
        onclick={() => {
          open = false;
          typed = '';
        }}
      >
        {summary}
      </a>
    {/if}
  </div>
</form>
