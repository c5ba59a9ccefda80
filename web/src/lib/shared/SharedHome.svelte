<script lang="ts">
  import { api, need, type Schemas } from '$lib/api/client';
  import { away, daysBetween, shortDay, todayHere } from '$lib/api/days';
  import { loaded } from '$lib/api/loaded.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import SharedThings from './SharedThings.svelte';

  let { dances, access }: { dances: Schemas['DanceView'][]; access: Schemas['AccessView'] } = $props();
  const settings = getSettings();
  const read = loaded(
    () => access.device,
    () => need(api.GET('/api/shared'))
  );
  const figures = loaded(
    () => settings.dance,
    (dance) => need(api.GET('/api/shared/figures', { params: { query: { dance } } }))
  );
  const shared = $derived(read.current);
  const charted = $derived(dances.filter((dance) => dance.figures > 0));
  const titleOf = (id: string | undefined) => dances.find((dance) => dance.id === id)?.title ?? '';
</script>

<svelte:head><title>Shared · Fluid Frame</title></svelte:head>
<h1 class="sr-only">Shared with this device</h1>
<Failed why={read.failed} />
<div class="grid gap-x-8 gap-y-6 lg:grid-cols-2">
  <div class="flex flex-col gap-6">
    {#if shared && shared.practices.length > 0}
      <section aria-label="Practice">
        <h2 class="border-b-2 border-ink text-2xl">Practice</h2>
        <ul>
          {#each shared.practices as plan (plan.id)}
            <li class="border-b border-line py-2">
              <a class="block" href="/shared/practice/{encodeURIComponent(plan.id)}">
                <span class="font-display text-xl text-accent">{plan.name}</span>
                <span class="text-sm text-soft"
                  >{shortDay(plan.about)}, {away(daysBetween(todayHere(), plan.about))}</span
                >
              </a>
            </li>
          {/each}
        </ul>
      </section>
    {/if}
    {#if shared && shared.classes.length > 0}
      <section aria-label="Classes of today">
        <h2 class="border-b-2 border-ink text-2xl">Today's classes</h2>
        <ul>
          {#each shared.classes as one (one.id)}
            <li class="border-b border-line py-2">
              <a class="block" href="/shared/class/{encodeURIComponent(one.id)}">
                <span class="font-display text-xl text-accent">{one.name}</span>
                <span class="text-sm text-soft">{one.about.slice(11, 16)}</span>
              </a>
            </li>
          {/each}
        </ul>
      </section>
    {/if}
    {#if shared}
      <SharedThings
        title="Routines"
        kind="routine"
        things={shared.routines.map((one) => ({ ...one, about: `${titleOf(one.dance)}, ${one.about}` }))}
        none="No routine is shared with this device."
      />
    {/if}
  </div>
  <div>
    <SharedThings title="Figures" kind="figure" things={figures.current ?? []} none="No figures are charted yet.">
      <label class="text-sm text-soft"
        >of
        <select
          class="rounded-xs border border-strong bg-raised px-1 py-1 text-base text-ink"
          value={settings.dance}
          onchange={(event) => settings.prefer({ dance: event.currentTarget.value })}
        >
          {#each charted as dance (dance.id)}<option value={dance.id}>{dance.title}</option>{/each}
        </select></label
      >
      <a class="text-sm text-accent underline underline-offset-2" href="/print/syllabus/{settings.dance}">on paper</a>
    </SharedThings>
    <Failed small why={figures.failed} />
  </div>
</div>
<p class="mt-8 max-w-prose border-t border-line pt-2 text-xs text-soft">
  Made with your coach's own charts; your organisation's rules come first. Dance within what your body allows: pain is a
  signal to stop and to ask somebody qualified.
</p>
