<script lang="ts">
  import { api, need } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import type { Editor } from '$lib/editing/editor.svelte';
  import { without } from '$lib/editing/without';
  import FigurePick from '$lib/library/FigurePick.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  /** What is danced, and how the rounds go. */
  let { editor }: { editor: Editor<'class'> } = $props();
  const evening = $derived(editor.state);
  const material = $derived(evening.material ?? []);
  const pace = $derived(evening.pace ?? {});
  const read = loaded(
    () => true,
    async () => {
      const [figures, routines, drills] = await Promise.all([
        need(api.GET('/api/figures', { params: { query: { dance: 'all' } } })),
        need(api.GET('/api/routines', { params: { query: { limit: 500 } } })),
        need(api.GET('/api/drills', { params: { query: { limit: 500 } } }))
      ]);
      return { figure: figures, routine: routines.lines, drill: drills.lines };
    }
  );
  const PACE = [
    { key: 'times', word: 'Danced in each', min: 1, max: 50, step: 1 },
    { key: 'tempo', word: 'Bars a minute', min: 10, max: 80, step: 0.5 },
    { key: 'raise', word: 'Faster each by', min: 0, max: 10, step: 0.5 }
  ] as const;
  const USUAL = { times: 2, tempo: '', raise: 0 };
  const field = 'w-20 rounded-xs border border-strong bg-raised px-2 py-1';

  function add(kind: 'figure' | 'routine' | 'drill', id: string, name = '') {
    const called = name || read.current?.[kind].find((one) => one.id === id)?.name;
    if (!id || !called || material.some((one) => one.kind === kind && one.id === id)) return;
    editor.describe({ material: [...material, { kind, id, name: called.slice(0, 120) }] });
  }

  const first = (nth: number) =>
    editor.describe({ material: [material[nth]!, ...material.filter((_, at) => at !== nth)] });

  /** A tempo, a raise or a number of times that the field permits; an empty tempo is the usual one. */
  function set(key: keyof typeof USUAL, input: HTMLInputElement) {
    if (!input.validity.valid) return;
    if (input.value === '' && key !== 'tempo') return;
    editor.describe({ pace: input.value === '' ? without(pace, 'tempo') : { ...pace, [key]: Number(input.value) } });
  }

  function setRounds(input: HTMLInputElement) {
    if (!input.validity.valid || input.value === '') return;
    editor.describe({ rounds: Number(input.value) });
  }
</script>

<section aria-label="What is danced">
  <h2 class="mb-1 text-lg">What is danced</h2>
  <Failed why={read.failed} small />
  <ul class="text-sm">
    {#each material as one, nth (nth)}
      <li class="flex items-baseline gap-2 border-t border-line py-0.5">
        <a class="grow font-semibold hover:text-accent" href="/{one.kind}s/{encodeURIComponent(one.id)}"
          >{one.name || one.id}</a
        >
        {#if nth > 0}<Button kind="quiet" onclick={() => first(nth)}>to the first</Button>{/if}
        <Button
          kind="quiet"
          aria-label="Take out {one.name}"
          onclick={() => editor.describe({ material: material.filter((_, at) => at !== nth) })}>×</Button
        >
      </li>
    {:else}<li class="text-soft">Nothing yet: the rounds have partners and a clock, and no music.</li>{/each}
  </ul>
  <div class="mt-1 flex flex-col gap-1 text-sm">
    {#key material.length}<FigurePick
        label="Another figure"
        value=""
        name=""
        onpick={(id, name) => add('figure', id, name)}
      />{/key}
    <div class="flex gap-1">
      {#each ['routine', 'drill'] as const as kind (kind)}
        <select
          aria-label="A {kind}"
          class="min-w-0 flex-1 rounded-xs border border-line bg-raised px-1 py-1 text-sm"
          value=""
          onchange={(event) => {
            add(kind, event.currentTarget.value);
            event.currentTarget.value = '';
          }}
        >
          <option value="">a {kind}</option>
          {#each read.current?.[kind] ?? [] as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
        </select>
      {/each}
    </div>
  </div>
  <div class="mt-3 flex flex-wrap gap-3 text-sm">
    <label class="flex flex-col gap-1"
      >Rounds <input
        class={field}
        type="number"
        min={Math.max(1, evening.danced?.length ?? 0)}
        max="100"
        value={evening.rounds ?? 8}
        onchange={(event) => setRounds(event.currentTarget)}
      /></label
    >
    {#each PACE as { key, word, min, max, step } (key)}
      <label class="flex flex-col gap-1"
        >{word}
        <input
          class={field}
          type="number"
          {min}
          {max}
          {step}
          placeholder={key === 'tempo' ? 'usual' : undefined}
          value={pace[key] ?? USUAL[key]}
          onchange={(event) => set(key, event.currentTarget)}
        /></label
      >
    {/each}
  </div>
</section>
