<script lang="ts">
  import { goto } from '$app/navigation';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need } from '$lib/api/client';
  import { todayHere } from '$lib/api/days';
  import { loaded } from '$lib/api/loaded.svelte';
  import Button from '$lib/ui/Button.svelte';
  import DayTimeFields from '$lib/ui/DayTimeFields.svelte';
  import Dialog from '$lib/ui/Dialog.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import type { Evening } from './evening';

  interface Props {
    open: boolean;
    /** Id of the group that is chosen already. */
    group: string;
  }

  let { open = $bindable(), group }: Props = $props();
  const attempt = new Attempt();
  let picked = $derived(group);
  let on = $state(todayHere());
  let time = $state('19:00');
  let rounds = $state(8);
  const read = loaded(
    () => open,
    async (wanted) => (wanted ? (await need(api.GET('/api/groups', { params: { query: { limit: 500 } } }))).lines : [])
  );
  const field = 'rounded-xs border border-strong bg-raised px-2 py-1';

  /** With everybody of the group, and the first figure it works on. */
  const begin = (event: SubmitEvent) => {
    event.preventDefault();
    return attempt.run(async () => {
      const evening = { at: `${on}T${time}`, rounds, pace: { raise: 0, times: 12 }, people: [], material: [] };
      const none = { apart: [], together: [], changes: [], danced: [] };
      let body: Evening = { ...evening, ...none };
      if (picked) {
        const { document } = await need(api.GET('/api/groups/{id}', { params: { path: { id: picked } } }));
        const [figure] = document.figures ?? [];
        const found = figure ? await need(api.GET('/api/figures', { params: { query: { dance: 'all' } } })) : [];
        const named = found.find((one) => one.id === figure);
        body = {
          ...body,
          group: { id: picked, name: document.name },
          people: document.members,
          material: named ? [{ kind: 'figure', id: named.id, name: named.name }] : []
        };
      }
      const { id } = await need(api.POST('/api/classes', { body }));
      open = false;
      await goto(`/classes/${id}`);
    });
  };
</script>

<Dialog bind:open title="New evening">
  <form onsubmit={begin} class="flex flex-col gap-3">
    <label class="flex flex-col gap-1"
      ><span class="text-sm text-soft">Whose course</span>
      <select bind:value={picked} class={field} data-autofocus>
        <option value="">an open class, of nobody's course</option>
        {#each read.current ?? [] as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
      </select></label
    >
    <div class="flex flex-wrap gap-3">
      <DayTimeFields bind:day={on} bind:time />
      <label class="flex flex-col gap-1"
        ><span class="text-sm text-soft">Rounds</span><input
          type="number"
          min="1"
          max="100"
          bind:value={rounds}
          required
          class="{field} w-20"
        /></label
      >
    </div>
    <Failed why={attempt.failed || read.failed} />
    <p><Button kind="main" type="submit">Begin</Button></p>
  </form>
</Dialog>
