<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas } from '$lib/api/client';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import ProposalFloor from '$lib/routine/compose/ProposalFloor.svelte';
  import { getRoutineEditor } from '$lib/routine/routine-editor.svelte';

  /** What would keep the routine on its floor, asked for by hand: it takes a second. */
  const editor = getRoutineEditor();
  const attempt = new Attempt();
  let found = $state.raw<{ of: unknown; fits: Schemas['FloorFitView'][] } | null>(null);
  let asking = $state(false);
  /** What was found for another state of the routine says nothing of this one. */
  const fits = $derived(found?.of === editor.routine ? found.fits : null);

  async function ask() {
    const routine = editor.routine;
    asking = true;
    await attempt.run(async () => {
      found = { of: routine, fits: await need(api.POST('/api/routines/floor-fits', { body: routine })) };
    });
    asking = false;
  }
</script>

<div class="flex flex-col gap-1">
  <div><Button disabled={asking} onclick={() => void ask()}>{asking ? 'Looking …' : 'Fit to the floor'}</Button></div>
  <Failed small why={attempt.failed} />
  {#if fits}
    <ul aria-label="What keeps it on the floor" class="flex flex-col">
      {#each fits as fit, nth (nth)}
        <li class="flex items-center gap-3 border-t border-line py-1 text-sm">
          <ProposalFloor figures={fit.figures} laid={fit} />
          <span class="grow first-letter:uppercase"
            >{fit.changes.join('; ')}{#if fit.outside > 0}<span class="text-broken"
                >: still {fit.outside} m off the floor</span
              >{/if}</span
          >
          <Button kind="quiet" aria-label="Take the fit {nth + 1}" onclick={() => editor.fit(fit)}>Take</Button>
        </li>
      {:else}<li class="text-sm text-soft">Nothing to fit yet: put in a figure first.</li>{/each}
    </ul>
  {/if}
</div>
