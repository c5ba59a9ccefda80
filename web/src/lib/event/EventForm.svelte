<script lang="ts">
  import { api, need, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import Button from '$lib/ui/Button.svelte';
  import type { Editor } from '$lib/editing/editor.svelte';
  import { without } from '$lib/editing/without';
  import { levelsOf } from '$lib/list/levels';
  import Failed from '$lib/ui/Failed.svelte';

  let { editor, dances }: { editor: Editor<'event'>; dances: Schemas['DanceView'][] } = $props();
  const event = $derived(editor.state);
  const barredAll = $derived(event.barred ?? []);
  const barredHolds = $derived(event.barredHolds ?? []);
  let barred = $state('');
  const read = loaded(
    () => event.dances.map((band) => band.dance).join(),
    async (dances) => {
      const each = dances.split(',').filter(Boolean);
      const [lists, words, elements, ...figures] = await Promise.all([
        need(api.GET('/api/lists')),
        need(api.GET('/api/vocabulary')),
        need(api.GET('/api/elements')),
        ...each.map((dance) => need(api.GET('/api/figures', { params: { query: { dance } } })))
      ]);
      const known = [...new Set([...figures.flat(), ...elements].map((one) => one.name))].sort();
      return { lists: lists.lines, holds: (words.hold ?? []).map((word) => word.text), known };
    }
  );
  const lists = $derived(read.current?.lists ?? []);
  const holds = $derived(read.current?.holds ?? []);
  const known = $derived(read.current?.known ?? []);
  const list = loaded(
    () => event.list,
    (id) => need(api.GET('/api/lists/{id}', { params: { path: { id } } }))
  );
  const levels = $derived(list.current ? levelsOf(list.current.document) : []);
  const field = 'rounded-xs border border-line bg-raised px-1.5 py-0.5';

  const number = (text: string) => (text === '' ? undefined : Number(text));

  function band(index: number, by: Partial<Schemas['Event_band']>) {
    const next = event.dances.map((one, i) => (i === index ? { ...one, ...by } : one));
    editor.describe({ dances: next }, `dance${index}${Object.keys(by).join()}`);
  }

  function bar(submitted: SubmitEvent) {
    submitted.preventDefault();
    if (barred.trim()) editor.describe({ barred: [...barredAll, barred.trim()] }, '');
    barred = '';
  }
  const free = $derived(dances.filter((dance) => !event.dances.some((one) => one.dance === dance.id)));
</script>

<div class="flex flex-col gap-4 text-sm">
  <Failed why={read.failed || list.failed} />
  <label class="flex items-baseline gap-2"
    >Day <input
      type="date"
      class={field}
      value={event.date ?? ''}
      onchange={(e) => {
        const date = e.currentTarget.value;
        editor.change(date ? { ...event, date } : without(event, 'date'), 'date');
      }}
    />
    <span class="text-soft">if it is known: Today counts the days</span></label
  >
  <label
    >Note <textarea
      rows="2"
      maxlength="2000"
      class={[field, 'block w-full']}
      value={event.note}
      oninput={(e) => editor.describe({ note: e.currentTarget.value })}></textarea></label
  >
  <fieldset class="flex flex-wrap items-center gap-3">
    <legend class="font-semibold">Figures permitted</legend>
    <label
      >by the list <select
        class={field}
        value={event.list}
        onchange={(e) => editor.describe({ list: e.currentTarget.value, level: undefined })}
      >
        {#each lists as list (list.id)}<option value={list.id}>{list.name}</option>{/each}
      </select></label
    >
    <label
      >up to <select
        class={field}
        value={event.level ?? ''}
        onchange={(e) => editor.describe({ level: e.currentTarget.value })}
      >
        <option value="">any level</option>
        {#each levels as level, nth (nth)}<option>{level.name}</option>{/each}
      </select></label
    >
    <label class="flex items-center gap-1"
      ><input
        type="checkbox"
        checked={event.freeElements}
        onchange={(e) => editor.describe({ freeElements: e.currentTarget.checked })}
      /> free elements</label
    >
  </fieldset>
  <fieldset class="flex flex-wrap items-center gap-3">
    <legend class="font-semibold">Length, seconds</legend>
    <label
      >from <input
        class={[field, 'w-20 text-right']}
        type="number"
        min="0"
        max="3600"
        value={event.leastSeconds}
        onchange={(e) => editor.describe({ leastSeconds: Number(e.currentTarget.value) })}
      /></label
    >
    <label
      >to <input
        class={[field, 'w-20 text-right']}
        type="number"
        min="0"
        max="3600"
        value={event.mostSeconds}
        onchange={(e) => editor.describe({ mostSeconds: Number(e.currentTarget.value) })}
      /></label
    >
    <span class="text-soft">0 for no limit</span>
  </fieldset>
  <fieldset>
    <legend class="font-semibold">Dances, bars a minute</legend>
    {#each event.dances as one, i (i)}
      <p class="flex items-center gap-2 border-t border-line py-0.5">
        <span class="w-36">{dances.find((dance) => dance.id === one.dance)?.title ?? one.dance}</span>
        <input
          class={[field, 'w-16 text-right']}
          type="number"
          step="0.5"
          aria-label="Slowest {one.dance}"
          value={one.slowest}
          onchange={(e) => band(i, { slowest: Number(e.currentTarget.value) })}
        />
        to
        <input
          class={[field, 'w-16 text-right']}
          type="number"
          step="0.5"
          aria-label="Fastest {one.dance}"
          value={one.fastest}
          onchange={(e) => band(i, { fastest: Number(e.currentTarget.value) })}
        />
        <Button
          kind="quiet"
          class="ml-auto"
          disabled={event.dances.length === 1}
          aria-label="{one.dance} is not danced there"
          onclick={() => editor.describe({ dances: event.dances.filter((_, other) => other !== i) }, '')}>×</Button
        >
      </p>
    {/each}
    {#if free.length > 0}<label
        >add <select
          class={field}
          value=""
          onchange={(e) => {
            const { value } = e.currentTarget;
            const added = dances.filter((dance) => dance.id === value);
            const bands = added.map(({ id, slowest, fastest }) => ({ dance: id, slowest, fastest }));
            editor.describe({ dances: [...event.dances, ...bands] }, '');
            e.currentTarget.value = '';
          }}
        >
          <option value="">a dance</option>
          {#each free as dance (dance.id)}<option value={dance.id}>{dance.title}</option>{/each}
        </select></label
      >{/if}
  </fieldset>
  <fieldset class="flex flex-wrap items-center gap-3">
    <legend class="font-semibold">Floor, metres</legend>
    <label
      >long <input
        class={[field, 'w-20 text-right']}
        type="number"
        min="4"
        max="100"
        step="0.5"
        value={event.length ?? ''}
        onchange={(e) => editor.describe({ length: number(e.currentTarget.value) })}
      /></label
    >
    <label
      >wide <input
        class={[field, 'w-20 text-right']}
        type="number"
        min="4"
        max="100"
        step="0.5"
        value={event.width ?? ''}
        onchange={(e) => editor.describe({ width: number(e.currentTarget.value) })}
      /></label
    >
    <span class="text-soft">empty if it is not known</span>
  </fieldset>
  <fieldset>
    <legend class="font-semibold">Not permitted</legend>
    <p class="flex flex-wrap gap-1.5">
      {#each barredAll as what, i (i)}<button
          type="button"
          class="rounded-xs border border-broken px-1.5 text-broken"
          aria-label="Permit {what}"
          onclick={() => editor.describe({ barred: barredAll.filter((_, other) => other !== i) }, '')}>{what} ×</button
        >{:else}<span class="text-soft">no figure and no element by name</span>{/each}
    </p>
    <form class="mt-1 flex gap-2" onsubmit={bar}>
      <input
        bind:value={barred}
        maxlength="80"
        aria-label="Figure or free element that is not permitted"
        placeholder="figure or free element"
        list="what-can-be-barred"
        class={[field, 'w-56']}
      />
      <datalist id="what-can-be-barred">
        {#each known as name (name)}<option value={name}></option>{/each}
      </datalist>
      <Button type="submit">Bar it</Button>
    </form>
    <p class="mt-2 flex flex-wrap gap-x-3">
      {#each holds as hold, nth (nth)}<label class="flex items-center gap-1"
          ><input
            type="checkbox"
            checked={barredHolds.includes(hold)}
            onchange={(e) =>
              editor.describe(
                {
                  barredHolds: e.currentTarget.checked
                    ? [...barredHolds, hold]
                    : barredHolds.filter((other) => other !== hold)
                },
                ''
              )}
          />
          {hold}</label
        >{/each}
    </p>
    <p class="text-soft">ticked holds may not be taken</p>
  </fieldset>
</div>
