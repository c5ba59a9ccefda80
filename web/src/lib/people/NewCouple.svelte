<script lang="ts">
  import { goto } from '$app/navigation';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type RoleName } from '$lib/api/client';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Dialog from '$lib/ui/Dialog.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  /** Two names are enough; a dancer of that name who is there already is taken. */
  let { open = $bindable() }: { open: boolean } = $props();
  const settings = getSettings();
  const attempt = new Attempt();
  let names = $state({ man: '', lady: '' });
  const told = $derived((['man', 'lady'] as const).filter((role) => names[role].trim() !== ''));

  async function dancer(name: string, role: RoleName): Promise<string> {
    const found = await need(api.GET('/api/dancers', { params: { query: { q: name, limit: 20 } } }));
    const same = found.lines.find((line) => line.name.toLowerCase() === name.toLowerCase());
    if (same) return same.id;
    return (await need(api.POST('/api/dancers', { body: { name, roles: [role], levels: [] } }))).id;
  }

  const begin = (event: SubmitEvent) => {
    event.preventDefault();
    return attempt.run(async () => {
      const ids: string[] = [];
      for (const role of told) ids.push(await dancer(names[role].trim(), role));
      const first = (role: RoleName) => names[role].trim().split(/\s+/)[0];
      const name = told.length === 2 ? `${first('lady')} and ${first('man')}` : names[told[0]!].trim();
      const body = {
        name,
        dancers: ids,
        role: told[0]!,
        exchanged: [],
        routines: [],
        figures: [],
        events: [],
        goals: []
      };
      const { id } = await need(api.POST('/api/couples', { body }));
      open = false;
      names = { man: '', lady: '' };
      await goto(`/people/${id}`);
    });
  };
</script>

<Dialog bind:open title="New couple">
  <form onsubmit={begin} class="flex flex-col gap-3">
    {#each ['lady', 'man'] as const as role (role)}
      <label class="flex flex-col gap-1"
        ><span class="text-sm text-soft">Who dances {settings.role(role)}</span>
        <input
          bind:value={names[role]}
          maxlength="120"
          data-autofocus={role === 'lady' ? '' : undefined}
          class="rounded-xs border border-strong bg-raised px-2 py-1"
        /></label
      >
    {/each}
    <p class="text-sm text-soft">One name for somebody who practises alone. Nothing more personal is asked for.</p>
    <Failed why={attempt.failed} />
    <p><Button kind="main" type="submit" disabled={told.length === 0}>Begin</Button></p>
  </form>
</Dialog>
