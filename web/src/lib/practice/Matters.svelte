<script lang="ts">
  import { api, need, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import FigurePick from '$lib/library/FigurePick.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import { COLOURS, PURPOSES, type Emphasis, type Practice, type Purpose } from './plan';

  interface Props {
    practice: Practice;
    matters: readonly Schemas['MatterView'][];
    onchange: (wanted: NonNullable<Practice['wanted']>) => void;
  }

  /** What is practised and why, and how much of it the coach wants. */
  let { practice, matters, onchange }: Props = $props();
  const settings = getSettings();
  const EMPHASES: Record<Emphasis, string> = { none: 'not now', less: 'less', usual: 'as needed', more: 'more' };
  const wanted = $derived(practice.wanted ?? []);
  const read = loaded(
    () => true,
    async () => {
      const [figures, drills, routines] = await Promise.all([
        need(api.GET('/api/figures', { params: { query: { dance: 'all' } } })),
        need(api.GET('/api/drills', { params: { query: { limit: 500 } } })),
        need(api.GET('/api/routines', { params: { query: { limit: 500 } } }))
      ]);
      return { figures, drills: drills.lines, routines: routines.lines };
    }
  );
  /** One line for everything that is practised; what is set to none has no matter and stands at the end. */
  const lines = $derived.by(() => {
    const seen = matters.map(({ kind, id, name, purpose, why, sessions }) => ({
      kind: kind as 'figure' | 'routine' | 'drill',
      id,
      name,
      purpose: purpose as Purpose | null,
      why,
      sessions
    }));
    const resting = wanted
      .filter((one) => !seen.some((matter) => matter.kind === one.kind && matter.id === one.id))
      .map(({ kind, id, name, emphasis }) => ({
        kind,
        id,
        name: name || id,
        purpose: null,
        why: emphasis === 'none' ? 'not now' : 'not there any more',
        sessions: 0
      }));
    return [...seen, ...resting];
  });
  const emphasis = (kind: string, id: string): Emphasis =>
    wanted.find((one) => one.kind === kind && one.id === id)?.emphasis ?? 'usual';

  function set(kind: 'figure' | 'routine' | 'drill', id: string, name: string, to: Emphasis) {
    const others = wanted.filter((one) => one.kind !== kind || one.id !== id);
    onchange([...others, { kind, id, name, emphasis: to }]);
  }

  function pick(kind: 'figure' | 'routine' | 'drill', id: string, all: readonly { id: string; name: string }[]) {
    const found = all.find((one) => one.id === id);
    if (found) set(kind, id, found.name, 'usual');
  }
  const select = 'rounded-xs border border-line bg-raised px-1 py-0.5 text-xs';
</script>

<section aria-label="What is practised">
  <h2 class="mb-1 text-lg">What is practised</h2>
  <Failed why={read.failed} small />
  <ul class="text-sm">
    {#each lines as line (`${line.kind} ${line.id}`)}
      <li class="flex items-start gap-2 border-t border-line py-1">
        <span
          class={[
            'mt-1 size-3 shrink-0 border-2',
            line.purpose ? COLOURS[line.purpose] : 'border-line',
            line.purpose === 'run' && 'rounded-full'
          ]}
          title={line.purpose ? PURPOSES[line.purpose] : ''}
        ></span>
        <span class="min-w-0 grow">
          <a class="font-semibold hover:text-accent" href="/{line.kind}s/{encodeURIComponent(line.id)}">{line.name}</a>
          <span class="block text-xs text-soft">{settings.say(line.why)}</span>
        </span>
        <span class="shrink-0 text-right text-xs text-soft"
          >{line.sessions}×
          <select
            aria-label="How much of {line.name}"
            class="{select} ml-1"
            value={emphasis(line.kind, line.id)}
            onchange={(event) => set(line.kind, line.id, line.name, event.currentTarget.value as Emphasis)}
          >
            {#each Object.entries(EMPHASES) as [value, word] (value)}<option {value}>{word}</option>{/each}
          </select></span
        >
      </li>
    {:else}
      <li class="max-w-prose py-1 text-soft">
        They work on nothing yet. Put figures and routines <a
          class="text-accent underline"
          href="/people/{practice.with.id}">on their page</a
        >, or choose some here.
      </li>
    {/each}
  </ul>
  <div class="mt-2 flex flex-col gap-2 text-sm">
    {#key wanted.length}<FigurePick
        label="Another figure"
        value=""
        name=""
        onpick={(id, name) => id && set('figure', id, name, 'usual')}
      />{/key}
    <label class="flex items-center gap-2"
      ><span class="w-24 text-soft">A drill</span>
      <select
        class="{select} min-w-0 grow"
        value=""
        onchange={(event) => {
          pick('drill', event.currentTarget.value, read.current?.drills ?? []);
          event.currentTarget.value = '';
        }}
      >
        <option value="">choose</option>
        {#each read.current?.drills ?? [] as drill (drill.id)}<option value={drill.id}>{drill.name}</option>{/each}
      </select></label
    >
    <label class="flex items-center gap-2"
      ><span class="w-24 text-soft">A routine</span>
      <select
        class="{select} min-w-0 grow"
        value=""
        onchange={(event) => {
          pick('routine', event.currentTarget.value, read.current?.routines ?? []);
          event.currentTarget.value = '';
        }}
      >
        <option value="">choose</option>
        {#each read.current?.routines ?? [] as routine (routine.id)}<option value={routine.id}>{routine.name}</option
          >{/each}
      </select></label
    >
  </div>
</section>
