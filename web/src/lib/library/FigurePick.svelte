<script lang="ts">
  import { api, need } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';

  /** A field that finds a figure of any dance by what one would say of it; those only begun can be meant too. */
  interface Props {
    label: string;
    /** Id of the figure that is meant, empty for none. */
    value: string;
    /** Its name, where it is known. */
    name: string;
    onpick: (id: string, name: string) => void;
  }

  let { label, value, name, onpick }: Props = $props();
  const settings = getSettings();
  const OFFERED = 10;
  const id = $props.id();
  let typed = $state<string | null>(null);
  let picked = $state(0);
  const query = $derived(typed?.trim() ?? '');
  const found = loaded(
    () => query,
    async (q) => {
      if (q === '') return [];
      const [figures, begun] = await Promise.all([
        need(api.GET('/api/figures', { params: { query: { dance: 'all', q } } })),
        need(api.GET('/api/new-figures'))
      ]);
      const wanted = q.toLowerCase();
      const lines = [
        ...figures.map((figure) => ({ id: figure.id, name: figure.name, dance: figure.dance, begun: false })),
        ...begun
          .filter((one) => one.name.toLowerCase().includes(wanted))
          .map((one) => ({ id: one.id, name: one.name, dance: one.dance, begun: true }))
      ];
      // In this dance first, and in the order in which they were found.
      return [
        ...lines.filter((line) => line.dance === settings.dance),
        ...lines.filter((line) => line.dance !== settings.dance)
      ].slice(0, OFFERED);
    }
  );
  const offers = $derived(typed === null || query === '' ? [] : (found.current ?? []));

  function pick(chosen: string, called = '') {
    typed = null;
    onpick(chosen, called);
  }

  function onkeydown(event: KeyboardEvent) {
    const offer = offers[picked];
    if (event.key === 'ArrowDown') picked = Math.min(picked + 1, offers.length - 1);
    else if (event.key === 'ArrowUp') picked = Math.max(picked - 1, 0);
    else if (event.key === 'Enter' && offer) pick(offer.id, offer.name);
    else if (event.key === 'Escape' && typed !== null) typed = null;
    else return;
    event.preventDefault();
    event.stopPropagation();
  }
</script>

<span class="relative inline-block">
  <input
    value={typed ?? name}
    type="search"
    role="combobox"
    aria-label={label}
    aria-expanded={offers.length > 0}
    aria-controls="picks-{id}"
    aria-activedescendant={offers.length > 0 ? `pick-${id}-${picked}` : undefined}
    autocomplete="off"
    spellcheck="false"
    placeholder="find a figure"
    class="w-64 max-w-full rounded-xs border border-strong bg-raised px-1.5 py-0.5 text-sm text-ink"
    oninput={(event) => {
      typed = event.currentTarget.value;
      picked = 0;
      if (typed === '' && value !== '') pick('');
    }}
    onfocus={(event) => event.currentTarget.select()}
    onblur={() => (typed = null)}
    {onkeydown}
  />
  <ul
    id="picks-{id}"
    role="listbox"
    aria-label="{label}: found"
    hidden={offers.length === 0 && !(query !== '' && found.current !== undefined) && !found.failed}
    class="absolute top-full left-0 z-40 mt-0.5 w-80 max-w-[90vw] rounded-xs border border-strong bg-raised py-1 text-sm text-ink shadow-lg"
  >
    {#each offers as offer, i (offer.id)}
      <li
        id="pick-{id}-{i}"
        role="option"
        aria-selected={i === picked}
        class={['cursor-pointer px-2 py-0.5', i === picked && 'bg-tint']}
        onpointerdown={(event) => {
          event.preventDefault();
          pick(offer.id, offer.name);
        }}
      >
        <span class="font-semibold">{offer.name}</span>
        <span class="text-xs text-soft"
          >{offer.dance.replaceAll('-', ' ')}{offer.begun ? ', begun, not saved yet' : ''}</span
        >
      </li>
    {/each}
    {#if offers.length === 0}<li class="px-2 py-0.5 text-soft">
        {found.failed || 'No figure is like that.'}
      </li>{/if}
  </ul>
</span>
