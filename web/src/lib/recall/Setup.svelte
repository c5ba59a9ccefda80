<script lang="ts" module>
  /** What is asked of whom, as it is kept in this browser. */
  export interface Wanted {
    who: string;
    dance: string;
    role: string;
    ask: string[];
    level: string;
    typed: boolean;
    most: number;
    share: number;
  }
</script>

<script lang="ts">
  import { api, need, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import SwitchRow from '$lib/ui/SwitchRow.svelte';
  import { KINDS } from './words';

  interface Props {
    wanted: Wanted;
    dances: Schemas['DanceView'][];
    onset: (wanted: Wanted) => void;
  }

  let { wanted, dances, onset }: Props = $props();
  const settings = getSettings();
  const people = loaded(
    () => 'all',
    () => need(api.GET('/api/dancers', { params: { query: { limit: 500 } } }))
  );
  const set = (change: Partial<Wanted>) => onset({ ...wanted, ...change });
  const flip = (kind: string) =>
    set({ ask: wanted.ask.includes(kind) ? wanted.ask.filter((one) => one !== kind) : [...wanted.ask, kind] });
  const SHARES = [0.8, 0.85, 0.9, 0.95];
  const field = 'rounded-xs border border-strong bg-raised px-2 py-1';
</script>

<section aria-label="What is asked" class="flex flex-col gap-4 text-sm">
  <div class="flex flex-wrap gap-3">
    <label class="flex flex-col gap-1"
      >Who answers <select class={field} value={wanted.who} onchange={(e) => set({ who: e.currentTarget.value })}>
        <option value="">the coach</option>
        {#each people.current?.lines ?? [] as person (person.id)}<option value={person.id}>{person.name}</option>{/each}
      </select></label
    >
    <label class="flex flex-col gap-1"
      >Dance <select class={field} value={wanted.dance} onchange={(e) => set({ dance: e.currentTarget.value })}>
        <option value="all">every dance</option>
        {#each dances as dance (dance.id)}<option value={dance.id}>{dance.title}</option>{/each}
      </select></label
    >
    <label class="flex flex-col gap-1"
      >Level <select class={field} value={wanted.level} onchange={(e) => set({ level: e.currentTarget.value })}>
        <option value="">every level</option>
        {#each ['bronze', 'silver', 'gold'] as level (level)}<option value={level}>{level}</option>{/each}
      </select></label
    >
  </div>
  <div class="flex flex-wrap items-end gap-3">
    <SwitchRow
      label="Whose part"
      value={wanted.role}
      options={[
        { value: '', label: 'Both' },
        { value: 'man', label: settings.Role('man') },
        { value: 'lady', label: settings.Role('lady') }
      ]}
      onpick={(role) => set({ role })}
    />
    <SwitchRow
      label="How it is answered"
      value={wanted.typed ? 'typed' : 'picked'}
      options={[
        { value: 'picked', label: 'Pick' },
        { value: 'typed', label: 'Type' }
      ]}
      onpick={(how) => set({ typed: how === 'typed' })}
    />
    <label class="flex flex-col gap-1"
      >Questions <input
        type="number"
        min="1"
        max="100"
        value={wanted.most}
        onchange={(e) => {
          const most = Number(e.currentTarget.value);
          if (Number.isInteger(most) && most >= 1 && most <= 100) set({ most });
        }}
        class="{field} w-20"
      /></label
    >
    <label class="flex flex-col gap-1"
      >To be recalled <select
        class={field}
        value={wanted.share}
        onchange={(e) => set({ share: Number(e.currentTarget.value) })}
      >
        {#each SHARES as share (share)}<option value={share}>{Math.round(share * 100)} of 100</option>{/each}
      </select></label
    >
  </div>
  <fieldset class="flex flex-wrap gap-x-4 gap-y-1">
    <legend class="mb-1">Columns <span class="text-soft">none for any</span></legend>
    {#each Object.entries(KINDS) as [kind, word] (kind)}<label class="flex gap-1"
        ><input type="checkbox" checked={wanted.ask.includes(kind)} onchange={() => flip(kind)} />
        {word}</label
      >{/each}
  </fieldset>
</section>
