<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type RoleName, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import type { Editor } from '$lib/editing/editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import { comes, dancedOf, goes, presence } from './evening';

  /** Who came: the members of the group and whoever else is here, with the role of tonight. */
  let { editor }: { editor: Editor<'class'> } = $props();
  const settings = getSettings();
  const attempt = new Attempt();
  const evening = $derived(editor.state);
  const danced = $derived(dancedOf(evening).length);
  let name = $state('');
  let made = $state(0);
  const id = $props.id();

  /** All dancers, however many a studio has: anybody may come. */
  async function everybody() {
    const all: Schemas['LineDancerSummary'][] = [];
    for (let after: string | undefined = ''; after !== undefined;) {
      const page: { lines: Schemas['LineDancerSummary'][]; next?: string } = await need(
        api.GET('/api/dancers', { params: { query: { limit: 500, after } } })
      );
      all.push(...page.lines);
      after = page.next;
    }
    return all;
  }

  const read = loaded(
    () => ({ group: evening.group?.id ?? '', made }),
    async ({ group }) => {
      const [dancers, members] = await Promise.all([
        everybody(),
        group ? need(api.GET('/api/groups/{id}', { params: { path: { id: group } } })) : null
      ]);
      return { dancers, members: members?.document.members ?? [] };
    }
  );
  const dancers = $derived(read.current?.dancers ?? []);
  const called = (dancer: string) => dancers.find((one) => one.id === dancer)?.name ?? dancer;
  const rows = $derived.by(() => {
    const people = evening.people ?? [];
    const members = read.current?.members ?? [];
    const guests = people.filter((one) => !members.some((member) => member.dancer === one.dancer));
    return [...members, ...guests].map(({ dancer, roles }) => {
      const person = people.find((one) => one.dancer === dancer);
      return { dancer, person, roles: (person?.roles ?? roles) as RoleName[], is: presence(evening, dancer) };
    });
  });
  const here = $derived(rows.filter((row) => row.is === 'here'));
  const count = (of: (roles: RoleName[]) => boolean) => here.filter((row) => of(row.roles)).length;
  const OPTIONS = ['man', 'lady', 'either'] as const;
  const said = (roles: RoleName[]) => (roles.length > 1 ? 'either' : roles[0]!);
  const rolesOf = (word: string): RoleName[] => (word === 'either' ? ['man', 'lady'] : [word as RoleName]);

  function toggle(dancer: string, roles: RoleName[], is: string) {
    editor.describe({ people: is === 'here' ? goes(evening, dancer) : comes(evening, dancer, roles) });
  }

  function setRole(dancer: string, word: string) {
    const people = (evening.people ?? []).map((one) =>
      one.dancer === dancer ? { ...one, roles: rolesOf(word) } : one
    );
    editor.describe({ people });
  }

  const add = (event: SubmitEvent) => {
    event.preventDefault();
    return attempt.run(async () => {
      const wanted = name.trim();
      const known = dancers.find((one) => one.name.toLowerCase() === wanted.toLowerCase());
      if (known && presence(editor.state, known.id) === 'here') throw new Error(`${wanted} is here already.`);
      const dancer =
        known?.id ?? (await need(api.POST('/api/dancers', { body: { name: wanted, roles: [], levels: [] } }))).id;
      const roles = (known?.roles.length ? known.roles : ['man', 'lady']) as RoleName[];
      editor.describe({ people: comes(editor.state, dancer, roles) });
      name = '';
      made++;
    });
  };

  const when = (row: (typeof rows)[number]) =>
    [
      row.person?.from ? `came before round ${row.person.from + 1}` : '',
      row.person?.until !== undefined ? `left after round ${row.person.until}` : ''
    ]
      .filter(Boolean)
      .join(', ');
</script>

<section aria-label="Who is here">
  <h2 class="text-lg">Who is here</h2>
  <p class="mb-1 text-sm text-soft">
    {here.length}: {count((roles) => said(roles) === 'man')}
    {settings.Role('man').toLowerCase()}, {count((roles) => said(roles) === 'lady')}
    {settings.Role('lady').toLowerCase()}, {count((roles) => roles.length > 1)} either
  </p>
  <Failed why={read.failed || attempt.failed} small />
  <ul class="text-sm">
    {#each rows as row (row.dancer)}
      <li class="flex items-center gap-2 border-t border-line py-1">
        <label class="flex min-w-0 grow items-center gap-2">
          <input
            type="checkbox"
            class="size-4 accent-accent"
            aria-label="{called(row.dancer)} is here"
            checked={row.is === 'here'}
            onchange={() => toggle(row.dancer, row.roles, row.is)}
          />
          <span class="min-w-0">
            <span class={['block truncate', row.is !== 'here' && 'text-soft']}>{called(row.dancer)}</span>
            {#if when(row)}<span class="block text-xs text-soft">{when(row)}</span>{/if}
          </span>
        </label>
        {#if row.is === 'here'}
          <select
            aria-label="Role of {called(row.dancer)}"
            class="rounded-xs border border-line bg-raised px-1 py-0.5 text-xs"
            value={said(row.roles)}
            onchange={(event) => setRole(row.dancer, event.currentTarget.value)}
          >
            {#each OPTIONS as word (word)}<option value={word}
                >{word === 'either' ? 'either' : settings.Role(word).toLowerCase()}</option
              >{/each}
          </select>
        {/if}
      </li>
    {:else}<li class="text-soft">Nobody yet.</li>{/each}
  </ul>
  <form onsubmit={add} class="mt-1 flex gap-2">
    <input
      bind:value={name}
      maxlength="120"
      list="dancers-{id}"
      aria-label="Somebody else who came"
      placeholder={danced > 0 ? 'somebody who comes now' : 'somebody else'}
      class="min-w-0 grow rounded-xs border border-line bg-raised px-2 py-1 text-sm"
    />
    <datalist id="dancers-{id}"
      >{#each dancers as dancer (dancer.id)}<option value={dancer.name}></option>{/each}</datalist
    >
    <Button type="submit" disabled={name.trim() === ''}>Add</Button>
  </form>
</section>
