<script lang="ts">
  import { goto } from '$app/navigation';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need } from '$lib/api/client';
  import { later, longDay, todayHere } from '$lib/api/days';
  import { loaded } from '$lib/api/loaded.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Dialog from '$lib/ui/Dialog.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  interface Props {
    open: boolean;
    /** Id of the couple or group that is chosen already. */
    whom: string;
  }

  let { open = $bindable(), whom }: Props = $props();
  const today = todayHere();
  const attempt = new Attempt();
  const MONTH = 28;
  let picked = $derived(whom);
  let event = $state('');
  let name = $state('');
  let day = $state(later(today, MONTH));
  let minutes = $state(45);
  const read = loaded(
    () => open,
    async (wanted) => {
      if (!wanted) return { everybody: [], events: [] };
      const query = { params: { query: { limit: 500 } } };
      const [couples, groups, events] = await Promise.all([
        need(api.GET('/api/couples', query)),
        need(api.GET('/api/groups', query)),
        need(api.GET('/api/events', query))
      ]);
      return {
        everybody: [
          ...couples.lines.map(({ id, name }) => ({ kind: 'couple' as const, id, name })),
          ...groups.lines.map(({ id, name }) => ({ kind: 'group' as const, id, name }))
        ],
        events: events.lines.filter((one) => one.date && one.date > today)
      };
    }
  );
  const everybody = $derived(read.current?.everybody ?? []);
  const events = $derived(read.current?.events ?? []);
  const field = 'rounded-xs border border-strong bg-raised px-2 py-1';

  const begin = (submitted: SubmitEvent) => {
    submitted.preventDefault();
    return attempt.run(async () => {
      const person = everybody.find((one) => one.id === picked);
      if (!person) throw new Error('Choose who practises.');
      const aimed = events.find((one) => one.id === event);
      const aim = aimed ? { event, name: aimed.name, day: aimed.date! } : { name: name.trim(), day };
      const week = {
        monday: minutes,
        tuesday: minutes,
        wednesday: minutes,
        thursday: minutes,
        friday: minutes,
        saturday: minutes,
        sunday: 0
      };
      const begun = { with: person, aim, week, except: {}, wanted: [], days: [], gaveWay: [] };
      const { document } = await need(
        api.POST('/api/practice-plans', {
          params: { query: { today } },
          body: { format: 'fluidframe/practice@1', ...begun }
        })
      );
      const { id } = await need(api.POST('/api/practices', { body: document }));
      open = false;
      await goto(`/practice/${id}`);
    });
  };
</script>

<Dialog bind:open title="Plan practice">
  {#if read.current && everybody.length === 0}
    <p>
      There is nobody who practises yet.
      <a class="text-accent underline" href="/people">Begin with a couple or a group</a>.
    </p>
  {:else}
    <form onsubmit={begin} class="flex flex-col gap-3">
      <label class="flex flex-col gap-1"
        ><span class="text-sm text-soft">Who practises</span>
        <select bind:value={picked} class={field} data-autofocus>
          <option value="">choose</option>
          {#each everybody as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
        </select></label
      >
      <label class="flex flex-col gap-1"
        ><span class="text-sm text-soft">Until which event</span>
        <select bind:value={event} class={field}>
          <option value="">a day of my own</option>
          {#each events as one (one.id)}<option value={one.id}>{one.name}, {longDay(one.date!)}</option>{/each}
        </select></label
      >
      {#if event === ''}
        <div class="flex flex-wrap gap-3">
          <label class="flex flex-col gap-1"
            ><span class="text-sm text-soft">What is on that day</span><input
              bind:value={name}
              required
              maxlength="120"
              placeholder="Medal test"
              class={field}
            /></label
          >
          <label class="flex flex-col gap-1"
            ><span class="text-sm text-soft">Day</span><input
              type="date"
              bind:value={day}
              min={later(today, 1)}
              max={later(today, 120)}
              required
              class={field}
            /></label
          >
        </div>
      {/if}
      <label class="flex flex-col gap-1"
        ><span class="text-sm text-soft">Minutes a day, Monday to Saturday (each day is set afterwards)</span><input
          type="number"
          min="0"
          max="480"
          bind:value={minutes}
          required
          class="{field} w-24"
        /></label
      >
      <Failed why={attempt.failed || read.failed} />
      <p><Button kind="main" type="submit" disabled={picked === ''}>Plan it</Button></p>
    </form>
  {/if}
</Dialog>
