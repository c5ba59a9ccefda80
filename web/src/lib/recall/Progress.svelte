<script lang="ts">
  import { api, need, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { many } from '$lib/ui/many';
  import Failed from '$lib/ui/Failed.svelte';
  import { KINDS } from './words';

  interface Props {
    who: string;
    dances: Schemas['DanceView'][];
    kept: number;
  }

  /** How far somebody has come, by dance and column; the weakest stand out. */
  let { who, dances, kept }: Props = $props();
  /** With fewer answers nothing is called weak. */
  const ENOUGH = 8;
  const WEAK = 0.7;
  const read = loaded(
    () => ({ who, kept }),
    ({ who }) => need(api.GET('/api/recall/progress', { params: { query: { who } } }))
  );
  const lines = $derived(read.current ?? []);
  const rows = $derived(dances.filter((dance) => lines.some((line) => line.dance === dance.id)));
  const kinds = $derived(Object.entries(KINDS).filter(([kind]) => lines.some((line) => line.ask === kind)));
  const of = (dance: string, kind: string) => lines.find((line) => line.dance === dance && line.ask === kind);
  // Weak is what even the most favourable reading of so few answers calls so.
  const weak = $derived(lines.filter((line) => line.answers >= ENOUGH && line.high < WEAK));
  const held = (days: number) => (days < 1 ? 'less than a day' : many(Math.round(days), 'day'));
  const title = (id: string) => dances.find((dance) => dance.id === id)?.title ?? id;
</script>

<section aria-label="Progress" class="min-w-0">
  <h2 class="mb-1 text-xl">Progress</h2>
  <Failed why={read.failed} small />
  {#if read.current && lines.length === 0}
    <p class="max-w-prose text-soft">
      Nothing has been asked yet. Every charted figure asks its own questions; each comes again just before it would be
      forgotten.
    </p>
  {:else if lines.length > 0}
    {#if weak.length > 0}<p class="mb-2 text-broken">
        Weak: {weak.map((line) => `${KINDS[line.ask]?.toLowerCase()} in ${title(line.dance)}`).join(', ')}.
      </p>{/if}
    <div class="overflow-x-auto">
      <table class="w-full text-sm">
        <caption class="mb-1 text-left text-xs text-soft"
          >Answers that were right, of all; below, how many questions, and how long they hold.</caption
        >
        <thead class="text-left text-soft"
          ><tr
            ><th class="font-normal">Dance</th>{#each kinds as [kind, word] (kind)}<th class="px-1 font-normal"
                >{word}</th
              >{/each}</tr
          ></thead
        >
        <tbody>
          {#each rows as dance (dance.id)}
            <tr class="border-t border-line align-top">
              <th class="py-1 pr-2 text-left">{dance.title}</th>
              {#each kinds as [kind] (kind)}
                {@const line = of(dance.id, kind)}
                <td class={['px-1 py-1', line && weak.includes(line) && 'text-broken']}>
                  {#if line}
                    {#if line.answers > 0}{line.sound} of {line.answers}{:else}–{/if}
                    {#if line.holds !== undefined}<span class="block text-xs text-soft"
                        >{line.seen} hold {held(line.holds)}{line.due > 0 ? `, ${line.due} due` : ''}</span
                      >{/if}
                  {/if}
                </td>
              {/each}
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
  {/if}
</section>
