<script lang="ts">
  import { goto } from '$app/navigation';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import Button from '$lib/ui/Button.svelte';
  import { adjust, beginning, plain } from '$lib/routine/routine-edits';
  import { getSettings } from '$lib/settings/settings.svelte';
  import ConditionTable from './ConditionTable.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  let { before, after, dance }: { before: string; after: string; dance: string } = $props();
  const settings = getSettings();
  const asked = loaded(
    () => ({ before, after }),
    (query) => need(api.GET('/api/links/pair', { params: { query } }))
  );
  const pair = $derived(asked.current);
  const attempt = new Attempt();

  const placed = (way: Schemas['WayView']) => ({ ...plain(way.figure), variant: way.variant, part: way.part });

  /** A routine of the two, with the adjustment made. */
  async function dance2(adjustment?: Schemas['AdjustmentView']) {
    if (!pair) return;
    const { before, after } = pair;
    const figures = [placed(before), placed(after)];
    await attempt.run(async () => {
      const known = (await need(api.GET('/api/dances'))).find((one) => one.id === dance);
      if (!known) return;
      const body = {
        ...beginning(known),
        name: `${before.name} and ${after.name}`.slice(0, 120),
        figures: adjustment ? adjust(figures, 1, adjustment) : figures
      };
      const made = await need(api.POST('/api/routines', { body }));
      await goto(`/routines/${made.id}`);
    });
  }
</script>

<section aria-label="The two together" class="text-sm">
  <Failed why={asked.failed || attempt.failed} />
  {#if pair}
    <h2 class="text-lg">{pair.before.name} <span class="text-accent">→</span> {pair.after.name}</h2>
    <p role="status" class="mb-1">
      {#if pair.verdict === 'yes'}<span class="font-semibold text-sound">Holds</span
        >{:else if pair.verdict === 'yes-if'}<span class="font-semibold text-doubtful">Possible if</span> something is changed{:else}<span
          class="font-semibold text-broken">Not possible</span
        >{/if},
      {pair.customary ? 'and the charts list it' : 'and no chart lists it'}.
    </p>
    <ul class="list-disc pl-5">
      {#each pair.conditions.filter((c) => !c.holds) as condition, nth (nth)}<li>
          {settings.say(condition.reason)}
        </li>{/each}
    </ul>
    <div class="my-2 flex flex-wrap gap-1.5">
      {#each pair.adjustments as adjustment, nth (nth)}<Button kind="main" onclick={() => void dance2(adjustment)}
          >Begin a routine: {adjustment.words}</Button
        >{/each}
      {#if pair.verdict === 'yes'}<Button onclick={() => void dance2()}>Begin a routine with them</Button>{/if}
    </div>
    <ConditionTable conditions={pair.conditions} />
  {/if}
</section>
