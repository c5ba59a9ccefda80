<script lang="ts">
  import { goto } from '$app/navigation';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import Button from '$lib/ui/Button.svelte';
  import DayTimeFields from '$lib/ui/DayTimeFields.svelte';
  import Dialog from '$lib/ui/Dialog.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  interface Props {
    open: boolean;
    day: string;
    /** Id of the couple or group that is chosen already. */
    whom: string;
  }

  let { open = $bindable(), day, whom }: Props = $props();
  const attempt = new Attempt();
  let picked = $derived(whom);
  let on = $derived(day);
  let time = $state('18:00');
  let minutes = $state(45);
  const read = loaded(
    () => open,
    async (wanted) => {
      if (!wanted) return [];
      const query = { params: { query: { limit: 500 } } };
      const [couples, groups] = await Promise.all([
        need(api.GET('/api/couples', query)),
        need(api.GET('/api/groups', query))
      ]);
      return [
        ...couples.lines.map(({ id, name }) => ({ kind: 'couple' as const, id, name })),
        ...groups.lines.map(({ id, name }) => ({ kind: 'group' as const, id, name }))
      ];
    }
  );
  const everybody = $derived(read.current ?? []);
  const field = 'rounded-xs border border-strong bg-raised px-2 py-1';

  const begin = (event: SubmitEvent) => {
    event.preventDefault();
    return attempt.run(async () => {
      const person = everybody.find((one) => one.id === picked);
      if (!person) throw new Error('Choose with whom the lesson is.');
      const body = {
        at: `${on}T${time}`,
        minutes,
        with: person,
        depth: 2,
        topics: [],
        items: [],
        leftOut: [],
        promises: [],
        held: false
      };
      const { id } = await need(api.POST('/api/lessons', { body }));
      open = false;
      await goto(`/lessons/${id}`);
    });
  };
</script>

<Dialog bind:open title="New lesson">
  {#if read.current && everybody.length === 0}
    <p>
      There is nobody to teach yet. <a class="text-accent underline" href="/people">Begin with a couple or a group</a>.
    </p>
  {:else}
    <form onsubmit={begin} class="flex flex-col gap-3">
      <label class="flex flex-col gap-1"
        ><span class="text-sm text-soft">With</span>
        <select bind:value={picked} class={field} data-autofocus>
          <option value="">choose</option>
          {#each everybody as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
        </select></label
      >
      <div class="flex flex-wrap gap-3">
        <DayTimeFields bind:day={on} bind:time />
        <label class="flex flex-col gap-1"
          ><span class="text-sm text-soft">Minutes</span><input
            type="number"
            min="5"
            max="480"
            bind:value={minutes}
            required
            class="{field} w-20"
          /></label
        >
      </div>
      <Failed why={attempt.failed || read.failed} />
      <p><Button kind="main" type="submit" disabled={picked === ''}>Begin</Button></p>
    </form>
  {/if}
</Dialog>
