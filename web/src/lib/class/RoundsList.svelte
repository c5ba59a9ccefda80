<script lang="ts">
  import { api, need, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import type { Editor } from '$lib/editing/editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Popover from '$lib/ui/Popover.svelte';
  import { bpm, calledBy, changed, dance, dancedOf, undance, type Change } from './evening';

  /** The rounds: who with whom, who waits, at which tempo, and what a round does otherwise. */
  let { editor, rotation }: { editor: Editor<'class'>; rotation: Schemas['RotationView'] } = $props();
  const settings = getSettings();
  const evening = $derived(editor.state);
  const material = $derived(evening.material ?? []);
  const names = $derived(calledBy(rotation.people));
  const next = $derived(dancedOf(evening).length);
  const figures = $derived(material.filter((one) => one.kind === 'figure').map((one) => one.id));
  const read = loaded(
    () => figures.join(' '),
    async (ids) => {
      const all = ids === '' ? [] : ids.split(' ');
      const charts = await Promise.all(
        all.map((id) => need(api.GET('/api/figures/{id}', { params: { path: { id } } })).catch(() => null))
      );
      return Object.fromEntries(charts.flatMap((view, at) => (view ? [[all[at]!, view.document.timings ?? []]] : [])));
    }
  );
  const timings = (id: string): { id: string }[] => read.current?.[id] ?? [];
  const change = (nth: number, to: Partial<Change>) => editor.describe({ changes: changed(evening, nth, to) });
  const own = (nth: number) => evening.changes?.find((one) => one.round === nth);
  const field = 'rounded-xs border border-strong bg-raised px-1 py-0.5';
  const told = (round: Schemas['ClassRound']) =>
    [
      material.length > 1 ? round.name : '',
      round.tempo > 0 ? bpm(round.tempo) : '',
      round.timing ? `timing ${round.timing}` : '',
      round.otherSide ? 'other side' : ''
    ]
      .filter(Boolean)
      .join(', ');
</script>

<ol aria-label="Rounds" class="border-t border-line">
  {#each rotation.rounds as round, nth (nth)}
    <li
      class={[
        'grid grid-cols-[3rem_1fr_auto] items-baseline gap-x-2 border-b border-line py-1.5',
        round.danced && 'text-soft',
        nth === next && 'bg-tint'
      ]}
      aria-current={nth === next ? 'step' : undefined}
    >
      <span class={['pl-1 font-display text-2xl', nth === next && 'text-accent']}>{nth + 1}</span>
      <span class="min-w-0">
        <span class="flex flex-wrap gap-x-4 gap-y-0.5">
          {#each round.pairs as pair (pair.man)}
            <span class="whitespace-nowrap"
              ><span class="text-man">{names[pair.man]}</span> <span class="text-soft">·</span>
              <span class="text-lady">{names[pair.lady]}</span></span
            >
          {:else}<span class="text-soft">nobody can dance</span>{/each}
        </span>
        {#if round.waiting.length > 0}<span class="text-xs text-soft"
            >waits: {round.waiting.map((one) => names[one]).join(', ')}</span
          >{/if}
      </span>
      <span class="flex items-baseline gap-2 text-sm">
        <span class="text-right">{told(round)}</span>
        {#if round.danced}<span class="text-xs">danced</span>{:else if material.length > 0}
          <Popover label="Round {nth + 1} otherwise" triggerClass="px-1.5 text-soft hover:text-accent">
            {#snippet trigger()}{own(nth) ? 'otherwise ▾' : '▾'}{/snippet}
            <div class="flex flex-col gap-2 text-sm">
              {#if material.length > 1}<label class="flex items-center justify-between gap-3"
                  >What <select
                    class="{field} max-w-44"
                    value={own(nth)?.material ?? ''}
                    onchange={(event) => change(nth, { material: event.currentTarget.value, timing: '' })}
                  >
                    <option value="">as the others</option>
                    {#each material as one, at (at)}<option value={one.id}>{one.name}</option>{/each}
                  </select></label
                >{/if}
              <label class="flex items-center justify-between gap-3"
                >Bars a minute <input
                  class="{field} w-16"
                  type="number"
                  min="10"
                  max="80"
                  step="0.5"
                  value={own(nth)?.tempo ?? ''}
                  placeholder={bpm(round.tempo)}
                  onchange={(event) =>
                    event.currentTarget.validity.valid &&
                    change(nth, {
                      tempo: event.currentTarget.value === '' ? undefined : Number(event.currentTarget.value)
                    })}
                /></label
              >
              {#if timings(round.material).length > 0}<label class="flex items-center justify-between gap-3"
                  >Timing <select
                    class={field}
                    value={own(nth)?.timing ?? ''}
                    onchange={(event) => change(nth, { timing: event.currentTarget.value })}
                  >
                    <option value="">as charted</option>
                    {#each timings(round.material) as one (one.id)}<option value={one.id}>{one.id}</option>{/each}
                  </select></label
                >{/if}
              <label class="flex items-center gap-2"
                ><input
                  type="checkbox"
                  class="accent-accent"
                  checked={own(nth)?.otherSide ?? false}
                  onchange={(event) => change(nth, { otherSide: event.currentTarget.checked })}
                /> to the other side</label
              >
            </div>
          </Popover>
        {/if}
      </span>
    </li>
  {/each}
</ol>
<p class="mt-2 flex flex-wrap items-center gap-2 text-sm">
  <Button disabled={next >= rotation.rounds.length} onclick={() => editor.describe(dance(evening, rotation.rounds))}
    >Round {Math.min(next + 1, rotation.rounds.length)} was danced</Button
  >
  {#if next > 0}<Button kind="quiet" onclick={() => editor.describe(undance(evening))}>Round {next} was not</Button
    >{/if}
  <span class="ml-auto text-soft">{settings.say(rotation.how)}</span>
</p>
