<script lang="ts">
  import { goto } from '$app/navigation';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Placed, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { beginning } from '$lib/routine/routine-edits';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import WayPicture from './WayPicture.svelte';

  /** Short chains that lead back to the figure: to its own direction, turned on, or round the floor. */
  let { figure }: { figure: string } = $props();
  const settings = getSettings();
  const attempt = new Attempt();
  let making = $state(false);
  /** How many of a sort are seen at first. */
  const FEW = 5;
  let every = $state({ returning: false, turning: false });
  const found = loaded(
    () => figure,
    async (figure) => {
      const query = { params: { query: { figure } } };
      const [drills, loops] = await Promise.all([
        need(api.GET('/api/links/drills', query)),
        need(api.GET('/api/links/loops', query))
      ]);
      return { drills, loops };
    }
  );

  const bars = (count: number) => `${Number(count.toFixed(2))} ${count === 1 ? 'bar' : 'bars'}`;

  function turns(drill: Schemas['DrillView']): string {
    return `each round turns ${drill.turned}; ${drill.rounds} rounds come back`;
  }

  /** A routine of so many rounds, to be rehearsed, sung to and printed like any other. */
  async function routine(drill: Schemas['DrillView'], rounds: number) {
    making = true;
    await attempt.run(async () => {
      const dances = await need(api.GET('/api/dances'));
      const dance = dances.find((one) => one.id === settings.dance);
      const figures: Placed[] = Array.from({ length: rounds }, () => drill.places).flat();
      if (!dance) return;
      const name = `Practice: ${drill.figures.map((step) => step.name).join(', ')}`.slice(0, 100);
      const body = { ...beginning(dance), name, couple: '', figures };
      const made = await need(api.POST('/api/routines', { body }));
      await goto(`/routines/${made.id}`);
    });
    making = false;
  }

  /** Kept beside the other drills, to be put into practice, lessons and classes. */
  async function keep(name: string, purpose: string, steps: string[], repeats: number) {
    making = true;
    await attempt.run(async () => {
      const body = {
        name: name.slice(0, 120),
        dances: [settings.dance],
        who: 'couple' as const,
        purpose,
        repeats,
        minutes: 4,
        steps,
        cautions: ['Leave space for the whole way of it.', 'Pain is a signal to stop.'],
        loop: figure
      };
      const made = await need(api.POST('/api/drills', { body }));
      await goto(`/drills/${made.id}`);
    });
    making = false;
  }

  function keepLoop(drill: Schemas['DrillView'], rounds: number) {
    const names = drill.figures.map((step) => step.name);
    return keep(names.join(', '), 'A practice loop that comes back to where it began.', names, rounds);
  }

  /** One figure to its own side and to the other, as its reflection. */
  async function bothSides() {
    const { name } = (await need(api.GET('/api/figures/{id}', { params: { path: { id: figure } } }))).document;
    await keep(
      `${name}, both sides`,
      'The same to either side, so that neither is left behind.',
      [
        `${name} as charted.`,
        `${name} as its mirror image: the other foot, the other hand, the other way round, apart where the hold stands in the way. The stage shows it with m.`,
        'In turn, slowly first; then at the tempo of the weaker side.'
      ],
      4
    );
  }
</script>

{#snippet drill(one: Schemas['DrillView'], words: string)}
  {@const rounds = one.rounds === 1 ? 4 : one.rounds}
  <li class="flex items-start gap-3 border-t border-line py-1.5">
    <WayPicture way={one.way} label="The way of {one.rounds} {one.rounds === 1 ? 'round' : 'rounds'}" />
    <div class="min-w-0 grow">
      <p>
        {one.figures.map((step) => step.name).join(' → ')}
        {#if one.customary}<span class="text-xs text-sound">every join customary</span>{/if}
      </p>
      <p class="text-soft">{bars(one.bars)}{words ? `; ${words}` : ''}</p>
    </div>
    {#if one.keepsAlignments}
      <Button
        kind="quiet"
        class="whitespace-nowrap"
        title="Begins a routine of {rounds} rounds of it"
        disabled={making}
        onclick={() => void routine(one, rounds)}>As a routine</Button
      >
    {/if}
    <Button kind="quiet" class="whitespace-nowrap" disabled={making} onclick={() => void keepLoop(one, rounds)}
      >As a drill</Button
    >
  </li>
{/snippet}

{#snippet list(sort: 'returning' | 'turning', drills: Schemas['DrillView'][])}
  <ul>
    {#each every[sort] ? drills : drills.slice(0, FEW) as one, nth (nth)}
      {@render drill(one, sort === 'turning' ? turns(one) : '')}
    {:else}<li class="text-soft">No chain of up to four figures.</li>{/each}
  </ul>
  {#if drills.length > FEW}
    <Button kind="quiet" aria-expanded={every[sort]} onclick={() => (every[sort] = !every[sort])}
      >{every[sort] ? 'fewer' : `${drills.length - FEW} more`}</Button
    >
  {/if}
{/snippet}

<Failed why={found.failed || attempt.failed} />
{#if found.current}
  {@const { drills, loops } = found.current}
  <section aria-label="Back to the same direction">
    <h3 class="font-semibold">
      {drills.moving ? 'Back to the same alignment' : 'Back to the same direction'}
      <span class="font-normal text-soft">in one round</span>
    </h3>
    {@render list('returning', drills.returning)}
  </section>
  <section aria-label="Turning on">
    <h3 class="mt-2 font-semibold">Turning on <span class="font-normal text-soft">with every round</span></h3>
    {@render list('turning', drills.turning)}
  </section>
  {#if drills.moving}
    <section aria-label="Round the floor">
      <h3 class="mt-2 font-semibold">Round the floor <span class="font-normal text-soft">corners and all</span></h3>
      <ol class="max-h-48 list-decimal overflow-y-auto pl-6">
        {#each loops as loop, i (i)}
          <li>
            {loop.figures.map((step) => (step.corner ? `corner, ${step.name}` : step.name)).join(' → ')}
            <span class="text-soft">{bars(loop.bars)}, {loop.metres} m along</span>
          </li>
        {:else}<li class="list-none text-soft">No chain of figures leads back to it.</li>{/each}
      </ol>
    </section>
  {/if}
  <p class="mt-2">
    <Button disabled={making} onclick={() => void attempt.run(bothSides)}>Both sides, as a drill</Button>
  </p>
  <p class="mt-1 text-xs text-soft">
    {drills.all} chains in all; shown are those with the most customary joins, the shortest first. In a drill that turns on
    the alignments of the charts do not count, only feet, position, hold, beat and direction of travel.
  </p>
{:else if !found.failed}
  <p class="text-soft">Looking for chains of up to four figures…</p>
{/if}
