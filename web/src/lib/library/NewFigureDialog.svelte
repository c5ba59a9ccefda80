<script lang="ts">
  import { goto } from '$app/navigation';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type FigureSummary, type Schemas } from '$lib/api/client';
  import Button from '$lib/ui/Button.svelte';
  import Dialog from '$lib/ui/Dialog.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  type From = Schemas['NewFigure']['from'];
  let { open = $bindable(), figures }: { open: boolean; figures: FigureSummary[] } = $props();
  const settings = getSettings();
  const WAYS: { from: From; label: string }[] = [
    { from: 'nothing', label: 'nothing' },
    { from: 'copy', label: 'a copy of another' },
    { from: 'opposite', label: 'the natural opposite of another' },
    { from: 'repeat', label: 'another, repeated' }
  ];
  let name = $state('');
  let from = $state<From>('nothing');
  let figure = $state('');
  let times = $state(2);
  let mirrored = $state(false);
  const attempt = new Attempt();
  const field = 'rounded-xs border border-strong bg-raised px-2 py-1';

  async function begin(event: SubmitEvent) {
    event.preventDefault();
    await attempt.run(async () => {
      const body = { from, dance: settings.dance, name, figure, times, mirrored };
      const begun = await need(api.POST('/api/new-figures', { body }));
      open = false;
      await goto(`/figures/${begun.id}`);
    });
  }
</script>

<Dialog bind:open title="Begin a figure in this dance">
  <form onsubmit={begin} class="flex flex-col gap-3 text-sm">
    <label class="flex flex-col gap-1"
      >Name
      <input bind:value={name} required maxlength="120" class={field} />
    </label>
    <label class="flex flex-col gap-1"
      >From
      <select bind:value={from} class={field}>
        {#each WAYS as way (way.from)}<option value={way.from}>{way.label}</option>{/each}
      </select>
    </label>
    {#if from !== 'nothing'}
      <label class="flex flex-col gap-1"
        >Which
        <select bind:value={figure} required class={field}>
          <option value="">choose a figure</option>
          {#each figures as each, nth (nth)}<option value={each.id}>{each.name}</option>{/each}
        </select>
      </label>
    {/if}
    {#if from === 'repeat'}
      <label class="flex items-center gap-2"
        >danced <input type="number" min="2" max="16" bind:value={times} class="{field} w-20" /> times</label
      >
      <label class="flex items-center gap-2"
        ><input type="checkbox" bind:checked={mirrored} /> every second time to the other side</label
      >
    {/if}
    <p class="border-t border-line pt-2 text-soft">A chart in a file is taken in by dropping it on any page.</p>
    <Failed why={attempt.failed} />
    <div class="flex justify-end gap-2">
      <Button onclick={() => (open = false)}>Cancel</Button>
      <Button kind="main" type="submit">Begin</Button>
    </div>
  </form>
</Dialog>
