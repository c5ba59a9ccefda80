<script lang="ts">
  import { api, need } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { range, said, tint } from '$lib/plots/rates';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import HeatFloor from './HeatFloor.svelte';

  interface Props {
    whom: string;
    subjects: { kind: string; id: string; name: string }[];
    /** Read again whenever it changes. */
    kept: number;
  }

  /** Where they are weak: heat on the ribbon and on the floor of a routine, or along the rows of a figure. */
  let { whom, subjects, kept }: Props = $props();
  const settings = getSettings();
  let picked = $state('');
  const shown = $derived(subjects.find((one) => `${one.kind} ${one.id}` === picked) ?? subjects[0]);
  const read = loaded(
    () => ({ shown, kept }),
    async ({ shown }) => {
      if (!shown) return null;
      if (shown.kind === 'routine') {
        const params = { path: { whom, routine: shown.id } };
        return need(api.GET('/api/records/{whom}/routines/{routine}', { params }));
      }
      return need(api.GET('/api/records/{whom}/figures/{figure}', { params: { path: { whom, figure: shown.id } } }));
    }
  );
  const heat = $derived(read.current);
  let place = $state(0);
  const hottest = $derived([...(heat?.places ?? [])].sort((a, b) => b.heat.warmth - a.heat.warmth)[0]?.place ?? 0);
  const open = $derived(
    heat?.places.find((one) => one.place === place) ?? heat?.places.find((one) => one.place === hottest)
  );
  const roles = ['man', 'lady'] as const;
</script>

{#if subjects.length === 0}
  <p class="max-w-prose text-soft">
    Nothing has been danced or chosen yet. Add a routine or a figure under About, and jot down what you see.
  </p>
{:else}
  <label class="mb-3 flex flex-wrap items-center gap-2"
    ><span class="font-display text-lg">Weak places in</span>
    <select
      value={shown ? `${shown.kind} ${shown.id}` : ''}
      onchange={(e) => {
        picked = e.currentTarget.value;
        place = 0;
      }}
      class="rounded-xs border border-strong bg-raised px-2 py-1"
    >
      {#each subjects as one (`${one.kind} ${one.id}`)}<option value="{one.kind} {one.id}">{one.name}</option>{/each}
    </select></label
  >
  <Failed why={read.failed} />
  {#if heat}
    {#if shown?.kind === 'routine'}
      <ol aria-label="Heat on the ribbon" class="mb-1 flex gap-px overflow-x-auto pb-1">
        {#each heat.places as one (one.place)}
          <li class="min-w-24 flex-1" style:flex-grow={one.end - one.start}>
            <button
              type="button"
              aria-pressed={open?.place === one.place}
              onclick={() => (place = one.place)}
              style:background={tint(one.heat.warmth)}
              class={[
                'flex h-16 w-full flex-col justify-between border p-1 text-left text-xs',
                open?.place === one.place ? 'border-2 border-accent' : 'border-line',
                one.heat.warmth > 0.5 && 'text-on-accent'
              ]}
              ><span class="line-clamp-2 font-semibold">{one.name}</span>
              <span>{one.heat.rate.times > 0 ? said(one.heat.rate) : ''}</span></button
            >
          </li>
        {/each}
      </ol>
      <ol aria-label="Heat by bar" class="mb-4 flex gap-px">
        {#each heat.bars as one (one.bar)}
          <li
            class="h-3 flex-1 border border-line"
            style:background={tint(one.heat.warmth)}
            title="bar {one.bar}: {said(one.heat.rate)}"
          >
            <span class="sr-only">bar {one.bar}: {said(one.heat.rate)}</span>
          </li>
        {/each}
      </ol>
    {/if}
    <div class={['grid gap-6', shown?.kind === 'routine' && 'lg:grid-cols-[1fr_1.2fr]']}>
      {#if open}
        <section aria-label="Rows">
          <h3 class="mb-1 text-lg">
            {open.name}{shown?.kind === 'routine' ? `, bar ${open.bar}` : ''}
          </h3>
          <p class="mb-2 text-sm text-soft">{said(open.heat.rate)} with a fault; {range(open.heat.rate)}</p>
          <div class="grid grid-cols-2 gap-4 text-sm">
            {#each roles as role (role)}
              {@const rows = open.rows.filter((row) => row.role === role)}
              {#if rows.length > 0}
                <table class="w-full">
                  <caption class={['text-left font-semibold', role === 'man' ? 'text-man' : 'text-lady']}
                    >{settings.Role(role)}</caption
                  >
                  <tbody>
                    {#each rows as row (row.row)}
                      <tr class="border-t border-line" style:background={tint(row.heat.warmth)}>
                        <th scope="row" class="px-1 py-0.5 text-left font-normal">{row.row}</th>
                        <td class="px-1">{row.action}</td>
                        <td class="px-1 text-right whitespace-nowrap"
                          >{row.heat.rate.times > 0 ? said(row.heat.rate) : ''}</td
                        >
                      </tr>
                    {/each}
                  </tbody>
                </table>
              {/if}
            {/each}
          </div>
        </section>
      {/if}
      {#if shown?.kind === 'routine'}<HeatFloor routine={shown.id} {heat} open={open?.place ?? 0} />{/if}
    </div>
    <p class="mt-3 max-w-prose text-xs text-soft">
      Darker is weaker: the share of runs with a fault there, of which one of {heat.halfLifeDays} days ago weighs half of
      today's. The numbers are as counted.
    </p>
  {/if}
{/if}
