<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type RoleName } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import SwitchRow from '$lib/ui/SwitchRow.svelte';
  import type { GroupEditor } from './editors';

  /** Who is in a class, and which roles each can dance there. */
  let { editor }: { editor: GroupEditor } = $props();
  const settings = getSettings();
  const attempt = new Attempt();
  let name = $state('');
  let made = $state(0);
  const read = loaded(
    () => ({ members: editor.state.members.length, made }),
    async () => (await need(api.GET('/api/dancers', { params: { query: { limit: 500 } } }))).lines
  );
  const dancers = $derived(read.current ?? []);
  const called = (id: string) => dancers.find((dancer) => dancer.id === id)?.name ?? id;
  const members = $derived(editor.state.members);
  const id = $props.id();
  const OPTIONS = ['man', 'lady', 'either'] as const;
  const said = (roles: RoleName[]) => (roles.length > 1 ? 'either' : roles[0]!);
  const rolesOf = (word: string): RoleName[] => (word === 'either' ? ['man', 'lady'] : [word as RoleName]);

  const add = (event: SubmitEvent) => {
    event.preventDefault();
    return attempt.run(async () => {
      const wanted = name.trim();
      let dancer = dancers.find((one) => one.name.toLowerCase() === wanted.toLowerCase());
      dancer ??= {
        ...(await need(api.POST('/api/dancers', { body: { name: wanted, roles: [], levels: [] } })))
      } as never;
      const known = dancer as { id: string; roles?: string[] };
      if (members.some((member) => member.dancer === known.id)) throw new Error(`${wanted} is in the group already.`);
      const roles: RoleName[] = known.roles?.length ? (known.roles as RoleName[]) : ['man', 'lady'];
      editor.describe({ members: [...members, { dancer: known.id, roles }] });
      name = '';
      made++;
    });
  };
</script>

<section aria-label="Members">
  <h2 class="mb-1 text-lg">Members <span class="text-sm text-soft">{members.length}</span></h2>
  <Failed why={read.failed || attempt.failed} small />
  <ul class="text-sm">
    {#each members as member, nth (member.dancer)}
      <li class="flex flex-wrap items-center gap-2 border-t border-line py-1">
        <a class="grow hover:text-accent" href="/dancers/{member.dancer}">{called(member.dancer)}</a>
        <SwitchRow
          label="Role of {called(member.dancer)}"
          value={said(member.roles as RoleName[])}
          options={OPTIONS.map((word) => ({ value: word, label: word === 'either' ? 'Either' : settings.Role(word) }))}
          onpick={(word) => editor.describe({ members: members.with(nth, { ...member, roles: rolesOf(word) }) })}
        />
        <Button
          kind="quiet"
          aria-label="Take out {called(member.dancer)}"
          onclick={() => editor.describe({ members: members.filter((one) => one !== member) })}>×</Button
        >
      </li>
    {:else}<li class="text-soft">Nobody yet.</li>{/each}
  </ul>
  <form onsubmit={add} class="mt-1 flex gap-2">
    <input
      bind:value={name}
      maxlength="120"
      list="dancers-{id}"
      aria-label="A new member"
      placeholder="name"
      class="min-w-0 grow rounded-xs border border-line bg-raised px-2 py-1 text-sm"
    />
    <datalist id="dancers-{id}"
      >{#each dancers as dancer (dancer.id)}<option value={dancer.name}></option>{/each}</datalist
    >
    <Button type="submit" disabled={name.trim() === ''}>Add</Button>
  </form>
</section>
