<script lang="ts">
  import { api, need } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  const settings = getSettings();
  const today = loaded(
    () => settings.dance,
    async (dance) => {
      const query = { params: { query: { dance } } };
      const [figures, begun, routines] = await Promise.all([
        need(api.GET('/api/figures', query)),
        need(api.GET('/api/new-figures')),
        need(api.GET('/api/routines', query))
      ]);
      return { figures, begun, routines: routines.lines };
    }
  );
  const begun = $derived(today.current?.begun ?? []);
  const figures = $derived(today.current?.figures ?? []);
  const drafts = $derived(figures.filter((f) => f.draft));
  const open = $derived(figures.filter((f) => f.broken > 0));
  const routines = $derived(today.current?.routines ?? []);
  const sound = $derived(routines.filter((r) => r.brokenJoins === 0).sort((a, b) => b.bars - a.bars)[0]);
</script>

<h1 class="mb-4 text-3xl">Today on the floor</h1>
<Failed why={today.failed} />
<div class="grid gap-8 lg:grid-cols-[1fr_1.3fr]">
  <section aria-label="Three ways in">
    <h2 class="mb-2 text-lg">Three ways in</h2>
    <ol class={['flex flex-col gap-3', !today.current && !today.failed && 'invisible']}>
      {#if sound}
        <li class="border-l-4 border-accent pl-3">
          <a class="font-semibold text-accent underline-offset-2 hover:underline" href="/routines/{sound.id}"
            >Open “{sound.name}”</a
          >
          <p class="text-sm text-soft">A whole routine: {sound.bars} bars on the floor, with every join explained.</p>
        </li>
      {:else if today.current}
        <li class="border-l-4 border-accent pl-3">
          <a class="font-semibold text-accent underline-offset-2 hover:underline" href="/figures">Chart a figure</a>
          <p class="text-sm text-soft">
            Press n there and give it a name; type the steps of one role, and the other's are proposed.
          </p>
        </li>
      {/if}
      <li class="border-l-4 border-accent pl-3">
        <a class="font-semibold text-accent underline-offset-2 hover:underline" href="/figures">Look up a figure</a>
        <p class="text-sm text-soft">
          {figures.length} figures charted for both roles. Press / and type what you would say of it.
        </p>
      </li>
      <li class="border-l-4 border-accent pl-3">
        <a class="font-semibold text-accent underline-offset-2 hover:underline" href="/routines">Begin a routine</a>
        <p class="text-sm text-soft">
          Choose a first figure; the desk tells what can follow. Or <a class="underline" href="/figures"
            >chart a figure</a
          >: press n there.
        </p>
      </li>
    </ol>
  </section>
  <section>
    <h2 class="mb-2 text-lg">Waiting for you</h2>
    <ul class="divide-y divide-line border-y border-line">
      {#each routines.filter((r) => r.brokenJoins !== 0) as routine (routine.id)}
        <li class="py-2">
          <a class="font-semibold hover:text-accent" href="/routines/{routine.id}">{routine.name}</a>
          <span class="text-sm text-broken"
            >{routine.brokenJoins < 0
              ? 'uses a figure that is gone'
              : `${routine.brokenJoins} ${routine.brokenJoins === 1 ? 'join' : 'joins'} not possible`}</span
          >
          <p class="text-sm text-soft">{routine.note}</p>
        </li>
      {/each}
      {#each begun as one (one.id)}
        <li class="py-2">
          <a class="font-semibold hover:text-accent" href="/figures/{one.id}">{one.name}</a>
          <span class="text-sm text-soft">begun in the {one.dance.replaceAll('-', ' ')}, not saved yet</span>
        </li>
      {/each}
      {#each drafts as figure (figure.id)}
        <li class="py-2">
          <a class="font-semibold hover:text-accent" href="/figures/{figure.id}">{figure.name}</a>
          <span class="text-sm text-soft">unsaved work</span>
        </li>
      {/each}
      {#each open as figure (figure.id)}
        <li class="py-2">
          <a class="font-semibold hover:text-accent" href="/figures/{figure.id}">{figure.name}</a>
          <span class="text-sm text-broken">{figure.broken} broken {figure.broken === 1 ? 'finding' : 'findings'}</span>
          <p class="text-sm text-soft">{figure.summary}</p>
        </li>
      {/each}
      {#if routines.every((r) => r.brokenJoins === 0) && drafts.length + begun.length === 0 && open.length === 0}
        <li class="py-2 text-soft">Nothing is open in this dance.</li>
      {/if}
    </ul>
  </section>
</div>
