<script lang="ts">
  import { goto } from '$app/navigation';
  import { api, need, type RoutineSummary, type Schemas } from '$lib/api/client';
  import Button from '$lib/components/ui/Button.svelte';
  import { getSettings } from '$lib/state/settings.svelte';

  let { dances }: { dances: Schemas['DanceView'][] } = $props();
  const settings = getSettings();
  /** Bars a minute amid those at which a dance is usually played. */
  const middle = (dance: Schemas['DanceView'] | undefined) => (dance ? (dance.slowest + dance.fastest) / 2 : 30);
  let routines = $state.raw<RoutineSummary[] | null>(null);
  let name = $state('');
  let couple = $state('');
  let failed = $state('');

  $effect(() => {
    void load(settings.dance);
  });

  async function load(dance: string) {
    try {
      routines = await need(api.GET('/api/routines', { params: { query: { dance } } }));
      failed = '';
    } catch (error) {
      failed = error instanceof Error ? error.message : String(error);
    }
  }

  async function begin(event: SubmitEvent) {
    event.preventDefault();
    try {
      const floor = { length: 24, width: 14, startX: 3, startY: 11.5, stride: 0.7 };
      const tempo = middle(dances.find((dance) => dance.id === settings.dance));
      const body = {
        name: name.trim(),
        dance: settings.dance,
        tempo,
        floor,
        note: '',
        couple: couple.trim(),
        figures: []
      };
      const made = await need(api.POST('/api/routines', { body }));
      await goto(`/routines/${made.id}`);
    } catch (error) {
      failed = error instanceof Error ? error.message : String(error);
    }
  }

  const standing = (routine: RoutineSummary) => {
    if (routine.brokenJoins < 0) return 'uses a figure that is gone';
    if (routine.figures === 0) return 'empty';
    return routine.brokenJoins === 0
      ? 'every join holds'
      : `${routine.brokenJoins} ${routine.brokenJoins === 1 ? 'join' : 'joins'} not possible`;
  };
</script>

<div class="mb-4 flex flex-wrap items-end gap-4">
  <h1 class="text-3xl">Routines</h1>
  <form onsubmit={begin} class="ml-auto flex items-center gap-2">
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
</div>
{#if failed}<p role="alert" class="mb-3 text-broken">{failed}</p>{/if}
{#if routines?.length === 0}
  <p class="mt-8 max-w-prose text-soft">
    No routine in this dance yet. Give one a name above and begin with its first figure.
  </p>
{/if}
<ul class="border-t-2 border-ink">
  {#each routines ?? [] as routine (routine.id)}
    <li class="border-b border-line">
      <a href="/routines/{routine.id}" class="flex items-baseline gap-4 py-3 hover:bg-sheet">
        <span class="font-display text-xl font-semibold">{routine.name}</span>
        <span class={routine.brokenJoins === 0 ? 'text-sm text-sound' : 'text-sm font-semibold text-broken'}
          >{standing(routine)}</span
        >
        {#if routine.couple}<span class="text-sm whitespace-nowrap">{routine.couple}</span>{/if}
        <span class="min-w-0 grow truncate text-sm text-soft">{routine.note}</span>
        <span class="text-sm whitespace-nowrap">{routine.figures} figures, {routine.bars} bars</span>
      </a>
    </li>
  {/each}
</ul>
