<script lang="ts">
  import { goto } from '$app/navigation';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type RoutineSummary, type Schemas } from '$lib/api/client';
  import { Paged } from '$lib/api/paged.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import FindField from '$lib/ui/FindField.svelte';
  import { beginning } from './routine-edits';
  import TakeFile from '$lib/intake/TakeFile.svelte';
  import More from '$lib/ui/More.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';

  let { dances }: { dances: Schemas['DanceView'][] } = $props();
  const settings = getSettings();
  const attempt = new Attempt();
  const routines = new Paged<RoutineSummary>((q, after) =>
    need(api.GET('/api/routines', { params: { query: { dance: settings.dance, q, after } } }))
  );
  let name = $state('');
  let couple = $state('');

  $effect(() => {
    if (settings.dance) void routines.open('');
  });

  async function begin(event: SubmitEvent) {
    event.preventDefault();
    await attempt.run(async () => {
      const dance = dances.find((one) => one.id === settings.dance);
      if (!dance) return;
      const body = { ...beginning(dance), name: name.trim(), couple: couple.trim(), figures: [] };
      const made = await need(api.POST('/api/routines', { body }));
      await goto(`/routines/${made.id}`);
    });
  }

  const standing = (routine: RoutineSummary) => {
    if (routine.missing > 0)
      return routine.missing === 1 ? 'a figure of it is gone' : `${routine.missing} figures of it are gone`;
    if (routine.figures === 0) return 'empty';
    return routine.brokenJoins === 0
      ? 'every join holds'
      : `${routine.brokenJoins} ${routine.brokenJoins === 1 ? 'join' : 'joins'} not possible`;
  };
</script>

<div class="mb-4 flex flex-wrap items-end gap-4">
  <h1 class="text-3xl">Routines</h1>
  <form onsubmit={begin} class="ml-auto flex flex-wrap items-center gap-2">
    <input
      bind:value={name}
      required
      maxlength="120"
      aria-label="Name of a new routine"
      placeholder="Name of a new routine"
      class="w-60 rounded-xs border border-strong bg-raised px-2 py-1"
    />
    <input
      bind:value={couple}
      maxlength="120"
      aria-label="Couple"
      placeholder="for whom"
      class="w-40 rounded-xs border border-strong bg-raised px-2 py-1"
    />
    <Button kind="main" type="submit" disabled={name.trim() === ''}>Begin</Button>
  </form>
  <TakeFile label="Take in files" />
</div>
<Failed why={attempt.failed} />
{#if routines.total > 12}<p class="mb-2">
    <FindField label="Find a routine" onfind={(q) => void routines.open(q)} />
  </p>{/if}
{#if routines.lines?.length === 0}
  <p class="mt-8 max-w-prose text-soft">
    No routine in this dance yet. Give one a name above and begin with its first figure.
  </p>
{/if}
<ul class="border-t-2 border-ink">
  {#each routines.lines ?? [] as routine (routine.id)}
    <li class="border-b border-line">
      <a href="/routines/{routine.id}" class="flex items-baseline gap-4 py-3 hover:bg-sheet">
        <span class="font-display text-xl font-semibold">{routine.name}</span>
        <span
          class={routine.brokenJoins + routine.missing === 0
            ? 'text-sm text-sound'
            : 'text-sm font-semibold text-broken'}>{standing(routine)}</span
        >
        {#if routine.couple}<span class="text-sm whitespace-nowrap">{routine.couple}</span>{/if}
        <span class="min-w-0 grow truncate text-sm text-soft">{routine.note}</span>
        <span class="text-sm whitespace-nowrap">{routine.figures} figures, {routine.bars} bars</span>
      </a>
    </li>
  {/each}
</ul>
<More list={routines} what="routines" />
