<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas } from '$lib/api/client';
  import { Paged } from '$lib/api/paged.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import FindField from '$lib/ui/FindField.svelte';
  import More from '$lib/ui/More.svelte';
  import NewCouple from './NewCouple.svelte';

  const settings = getSettings();
  const KINDS = [
    { of: 'couples', word: 'Couples' },
    { of: 'groups', word: 'Groups' },
    { of: 'dancers', word: 'Dancers' }
  ] as const;
  const of = $derived(KINDS.find((kind) => kind.of === page.url.searchParams.get('of'))?.of ?? 'couples');
  const attempt = new Attempt();
  const couples = new Paged<Schemas['LineCoupleSummary']>((q, after) =>
    need(api.GET('/api/couples', { params: { query: { q, after } } }))
  );
  const groups = new Paged<Schemas['LineGroupSummary']>((q, after) =>
    need(api.GET('/api/groups', { params: { query: { q, after } } }))
  );
  const dancers = new Paged<Schemas['LineDancerSummary']>((q, after) =>
    need(api.GET('/api/dancers', { params: { query: { q, after } } }))
  );
  const list = $derived({ couples, groups, dancers }[of]);
  let name = $state('');
  let beginning = $state(false);

  $effect(() => void list.open(''));

  const begin = (event: SubmitEvent) => {
    event.preventDefault();
    return attempt.run(async () => {
      if (of === 'groups') {
        const body = { name: name.trim(), members: [], routines: [], figures: [], events: [] };
        const { id } = await need(api.POST('/api/groups', { body }));
        await goto(`/people/${id}`);
      } else {
        const { id } = await need(api.POST('/api/dancers', { body: { name: name.trim(), roles: [], levels: [] } }));
        await goto(`/dancers/${id}`);
      }
    });
  };

  const EMPTY = {
    couples: 'Nobody yet. Begin with a couple, or with one dancer alone: two names are enough.',
    groups: 'No group yet. A class has any number of members, of whom some may dance either role.',
    dancers: 'No dancer yet. They come with the first couple, or are written down here one by one.'
  };
  const line = 'flex flex-wrap items-baseline gap-x-4 py-3 hover:bg-sheet';
</script>

<div class="mb-3 flex flex-wrap items-end gap-4">
  <h1 class="text-3xl">People</h1>
  <nav aria-label="Kinds of people" class="flex gap-4 text-sm">
    {#each KINDS as kind (kind.of)}
      <a
        href="/people?of={kind.of}"
        aria-current={kind.of === of ? 'page' : undefined}
        class={kind.of === of ? 'font-semibold text-ink' : 'text-soft hover:text-accent hover:underline'}>{kind.word}</a
      >
    {/each}
  </nav>
  {#if of === 'couples'}
    <Button kind="main" class="ml-auto" onclick={() => (beginning = true)}>New couple</Button>
  {:else}
    <form onsubmit={begin} class="ml-auto flex items-center gap-2">
      <input
        bind:value={name}
        required
        maxlength="120"
        aria-label="Name of a new {of === 'groups' ? 'group' : 'dancer'}"
        placeholder="Name of a new {of === 'groups' ? 'group' : 'dancer'}"
        class="w-56 rounded-xs border border-strong bg-raised px-2 py-1"
      />
      <Button kind="main" type="submit" disabled={name.trim() === ''}>Begin</Button>
    </form>
  {/if}
</div>
<Failed why={attempt.failed} />
<NewCouple bind:open={beginning} />
{#if list.total > 12}{#key of}<p class="mb-2">
      <FindField label="Find somebody" onfind={(q) => void list.open(q)} />
    </p>{/key}{/if}
<ul class="border-t-2 border-ink" aria-label={KINDS.find((kind) => kind.of === of)?.word}>
  {#if of === 'couples'}
    {#each couples.lines ?? [] as couple (couple.id)}
      <li class="border-b border-line">
        <a href="/people/{couple.id}" class={line}>
          <span class="font-display text-xl font-semibold">{couple.name}</span>
          {#if couple.dancers.length === 1}<span class="text-sm text-soft">alone</span>{/if}
          <span class="ml-auto text-sm text-soft"
            >{[
              couple.routines.length
                ? `${couple.routines.length} ${couple.routines.length === 1 ? 'routine' : 'routines'}`
                : '',
              couple.figures.length
                ? `${couple.figures.length} ${couple.figures.length === 1 ? 'figure' : 'figures'}`
                : ''
            ]
              .filter(Boolean)
              .join(', ') || 'nothing chosen yet'}</span
          >
        </a>
      </li>
    {/each}
  {:else if of === 'groups'}
    {#each groups.lines ?? [] as group (group.id)}
      <li class="border-b border-line">
        <a href="/people/{group.id}" class={line}>
          <span class="font-display text-xl font-semibold">{group.name}</span>
          <span class="ml-auto text-sm text-soft"
            >{group.dancers.length} in all: {group.men}
            {settings.role('man')}, {group.ladies}
            {settings.role('lady')}, {group.either} either</span
          >
        </a>
      </li>
    {/each}
  {:else}
    {#each dancers.lines ?? [] as dancer (dancer.id)}
      <li class="border-b border-line">
        <a href="/dancers/{dancer.id}" class={line}>
          <span class="font-display text-xl font-semibold">{dancer.name}</span>
          <span class="min-w-0 truncate text-sm text-soft">{dancer.note}</span>
          <span class="ml-auto text-sm text-soft">{dancer.roles.map((role) => settings.role(role)).join(' or ')}</span>
        </a>
      </li>
    {/each}
  {/if}
  {#if !list.lines?.length}<li class="max-w-prose py-4 text-soft">{list.lines ? EMPTY[of] : 'Loading …'}</li>{/if}
</ul>
{#if of === 'couples'}<More list={couples} what={of} />{:else if of === 'groups'}<More
    list={groups}
    what={of}
  />{:else}<More list={dancers} what={of} />{/if}
