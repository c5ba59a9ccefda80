<script lang="ts">
  import { api, need, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  /** Work that is not finished: routines of which not everything holds, drafts, and charts with findings. */
  let { open }: { open: Schemas['OpenRoutine'][] } = $props();
  const settings = getSettings();
  const FEW = 5;
  const read = loaded(
    () => settings.dance,
    async (dance) => {
      const [figures, begun] = await Promise.all([
        need(api.GET('/api/figures', { params: { query: { dance } } })),
        need(api.GET('/api/new-figures'))
      ]);
      return { figures, begun };
    }
  );
  const begun = $derived(read.current?.begun ?? []);
  const drafts = $derived((read.current?.figures ?? []).filter((figure) => figure.draft));
  const broken = $derived((read.current?.figures ?? []).filter((figure) => figure.broken > 0));
  const found = (count: number) => `${count} ${count === 1 ? 'finding' : 'findings'}`;
</script>

<section aria-label="Waiting for you">
  <h2 class="mb-1 text-lg">Waiting for you</h2>
  <Failed why={read.failed} small />
  <ul class="divide-y divide-line border-y border-line">
    {#each open.slice(0, FEW) as routine (routine.id)}
      <li class="py-1.5">
        <a class="font-semibold hover:text-accent" href="/routines/{routine.id}">{routine.name}</a>
        <span class="text-sm text-broken"
          >{routine.missing > 0 || routine.brokenJoins < 0
            ? 'uses a figure that is gone'
            : `${routine.brokenJoins} ${routine.brokenJoins === 1 ? 'join' : 'joins'} not possible`}</span
        >
      </li>
    {/each}
    {#each begun as figure (figure.id)}
      <li class="py-1.5">
        <a class="font-semibold hover:text-accent" href="/figures/{figure.id}">{figure.name}</a>
        <span class="text-sm text-soft">begun, not saved as a version yet</span>
      </li>
    {/each}
    {#each drafts as figure (figure.id)}
      <li class="py-1.5">
        <a class="font-semibold hover:text-accent" href="/figures/{figure.id}">{figure.name}</a>
        <span class="text-sm text-soft">unsaved work</span>
      </li>
    {/each}
    {#each broken as figure (figure.id)}
      <li class="py-1.5">
        <a class="font-semibold hover:text-accent" href="/figures/{figure.id}">{figure.name}</a>
        <span class="text-sm text-broken">{found(figure.broken)}</span>
      </li>
    {/each}
    {#if open.length + begun.length + drafts.length + broken.length === 0}<li class="py-2 text-soft">
        Nothing. Every chart and routine holds.
      </li>{/if}
  </ul>
</section>
