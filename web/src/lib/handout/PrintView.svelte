<script lang="ts">
  import { page } from '$app/state';
  import { goto, replaceState } from '$app/navigation';
  import { api, need, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { getSettings, LAYERS } from '$lib/settings/settings.svelte';
  import SwitchRow from '$lib/ui/SwitchRow.svelte';
  import { DETAILS } from '$lib/figure/about/detail';
  import { addressOfSheet, deskOf, hasParts, hasSteps, type Wishes } from './sheets';

  let { what, id, dances }: { what: string; id: string; dances: Schemas['DanceView'][] } = $props();
  const settings = getSettings();
  /** A device on the network reads no events, and comes from what is shared with it. */
  const isCoach = $derived(page.data.access?.visitor === 'coach');
  const LAYER_WORDS: Record<string, string> = {
    turn: 'alignment and turn',
    footwork: 'footwork',
    body: 'body',
    lead: 'leads and remarks'
  };
  const field = 'rounded-xs border border-strong bg-raised px-1 py-0.5 text-ink';
  // svelte-ignore state_referenced_locally
  let role = $state(page.url.searchParams.get('role') ?? (what === 'part' ? 'lady' : ''));
  let other = $state(page.url.searchParams.get('with') ?? '');
  let paper = $state<Wishes['paper']>('a4');
  let large = $state(false);
  const terms = loaded(
    () => hasSteps(what),
    async (wanted) => (wanted ? need(api.GET('/api/routine-terms')) : null)
  );
  const events = loaded(
    () => what === 'routine' && isCoach,
    async (wanted) => (wanted ? need(api.GET('/api/events', { params: { query: { limit: 100 } } })) : null)
  );
  const wishes = $derived<Wishes>({
    paper,
    large,
    roles: settings.wording,
    role,
    count: hasSteps(what) ? settings.count : '',
    folded: hasSteps(what) ? LAYERS.filter((layer) => !settings.shows(layer)).join(',') : '',
    detail: hasSteps(what) ? settings.detail : '',
    with: what === 'syllabus' ? settings.list : other
  });
  const seen = $derived(addressOfSheet(what, id, wishes, false));
  const pdf = $derived(addressOfSheet(what, id, wishes, true));

  function pick(value: string) {
    role = value;
    replaceState(value ? `?role=${value}` : '?', {});
  }
</script>

<div class="mb-3 flex flex-wrap items-center gap-x-4 gap-y-2">
  <a class="text-sm text-accent underline underline-offset-2" href={isCoach ? deskOf(what, id) : '/shared'}>‹ back</a>
  <h1 class="text-2xl">Print</h1>
  {#if hasParts(what)}
    <SwitchRow
      label="Whose part"
      value={role}
      options={[
        ...(what === 'figure' ? [{ value: '', label: 'Both' }] : []),
        { value: 'man', label: settings.Role('man') },
        { value: 'lady', label: settings.Role('lady') }
      ]}
      onpick={pick}
    />
  {/if}
  {#if hasSteps(what)}
    <label class="text-sm text-soft"
      >count
      <select class={field} value={settings.count} onchange={(e) => settings.prefer({ count: e.currentTarget.value })}>
        <option value="">as charted</option>
        {#each terms.current?.counts ?? [] as language (language)}<option>{language}</option>{/each}
      </select></label
    >
    {#each LAYERS as layer (layer)}
      <label class="flex items-center gap-1 text-sm text-soft"
        ><input type="checkbox" checked={settings.shows(layer)} onchange={() => settings.fold(layer)} />
        {LAYER_WORDS[layer]}</label
      >
    {/each}
  {/if}
  {#if hasSteps(what)}
    <label class="text-sm text-soft"
      >remarks for
      <select
        class={field}
        value={settings.detail}
        onchange={(e) => settings.prefer({ detail: e.currentTarget.value })}
      >
        {#each DETAILS as detail (detail)}<option value={detail === 'advanced' ? '' : detail}>{detail}</option>{/each}
      </select></label
    >
  {/if}
  {#if what === 'routine' && isCoach}
    <label class="text-sm text-soft"
      >against
      <select class={field} bind:value={other}>
        <option value="">no event</option>
        {#each events.current?.lines ?? [] as event (event.id)}<option value={event.id}>{event.name}</option>{/each}
      </select></label
    >
  {/if}
  {#if what === 'syllabus' || what === 'cards'}
    <label class="text-sm text-soft"
      >of
      <select class={field} value={id} onchange={(event) => void goto(`/print/${what}/${event.currentTarget.value}`)}>
        <option value="all">every dance</option>
        {#each dances as dance (dance.id)}<option value={dance.id}>{dance.title}</option>{/each}
      </select></label
    >
  {/if}
  <label class="flex items-center gap-1 text-sm text-soft"
    ><input type="checkbox" bind:checked={large} /> large print</label
  >
  <SwitchRow
    label="Paper"
    value={paper}
    options={[
      { value: 'a4', label: 'A4' },
      { value: 'letter', label: 'Letter' }
    ]}
    onpick={(value) => (paper = value as Wishes['paper'])}
  />
  <a
    class="ml-auto rounded-xs border border-accent bg-accent px-2.5 py-1 text-sm text-on-accent hover:opacity-90"
    href={pdf}
    target="_blank"
    rel="noopener">Open as PDF</a
  >
</div>
<iframe
  title="The sheet"
  src={seen}
  sandbox="allow-same-origin"
  class="h-[calc(100vh-9rem)] min-h-96 w-full border border-line"
></iframe>
