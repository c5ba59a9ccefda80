<script lang="ts">
  import { api, need, type RoleName, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import type { CoupleEditor } from './editors';

  /** Who dances which role in which dance. */
  let { editor, dances }: { editor: CoupleEditor; dances: Schemas['DanceView'][] } = $props();
  const settings = getSettings();
  const read = loaded(
    () => editor.state.dancers,
    async () => (await need(api.GET('/api/dancers', { params: { query: { limit: 500 } } }))).lines
  );
  const dancers = $derived(read.current ?? []);
  const role = $derived(editor.state.role as RoleName);
  const roles = $derived<RoleName[]>([role, role === 'man' ? 'lady' : 'man']);
  const exchanged = $derived(editor.state.exchanged ?? []);

  function pick(nth: number, id: string) {
    const next = [...editor.state.dancers];
    if (id === '') next.splice(nth, 1);
    else next[nth] = id;
    if (next.length === 0 || new Set(next).size < next.length) return;
    // Whoever is left keeps the role.
    const stays = id === '' && nth === 0 ? roles[1]! : role;
    editor.describe({ dancers: next, role: stays });
  }

  const flip = (dance: string) =>
    editor.describe({
      exchanged: exchanged.includes(dance) ? exchanged.filter((one) => one !== dance) : [...exchanged, dance]
    });
</script>

<section aria-label="Who dances what" class="flex flex-col gap-2">
  <h2 class="text-lg">Who dances what</h2>
  <Failed why={read.failed} small />
  {#each [0, 1] as nth (nth)}
    {@const id = editor.state.dancers[nth] ?? ''}
    <label class={['flex items-baseline gap-2 border-l-4 pl-2', roles[nth] === 'man' ? 'border-man' : 'border-lady']}
      ><span class="w-16 text-sm text-soft">{settings.Role(roles[nth]!)}</span>
      <select
        value={id}
        onchange={(e) => pick(nth, e.currentTarget.value)}
        class="rounded-xs border border-strong bg-raised px-2 py-1"
      >
        <option value="">nobody</option>
        {#if id && !dancers.some((dancer) => dancer.id === id)}<option value={id}>{id}, gone</option>{/if}
        {#each dancers as dancer (dancer.id)}<option
            value={dancer.id}
            disabled={editor.state.dancers[1 - nth] === dancer.id}>{dancer.name}</option
          >{/each}
      </select>
      {#if id}<a class="text-sm underline" href="/dancers/{id}">open</a>{/if}</label
    >
  {/each}
  {#if editor.state.dancers.length === 2}
    <details class="text-sm" open={exchanged.length > 0}>
      <summary class="text-soft">Dances in which they exchange their roles</summary>
      <div class="mt-1 flex flex-wrap gap-x-4">
        {#each dances as dance (dance.id)}<label class="flex gap-1"
            ><input type="checkbox" checked={exchanged.includes(dance.id)} onchange={() => flip(dance.id)} />
            {dance.title}</label
          >{/each}
      </div>
    </details>
  {/if}
</section>
