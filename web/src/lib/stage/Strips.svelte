<script lang="ts">
  import { api, need } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import LibraryLinks from '$lib/list/LibraryLinks.svelte';
  import { saveSvg } from '$lib/floor/save-svg';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import SwitchRow from '$lib/ui/SwitchRow.svelte';
  import { tick } from 'svelte';
  import StripOf from './StripOf.svelte';

  /** All figures of a dance as pictures, to be looked over by whoever charts them, or printed. */
  const settings = getSettings();
  const dance = $derived(settings.dance);
  const read = loaded(
    () => dance,
    (dance) => need(api.GET('/api/figures', { params: { query: { dance } } }))
  );
  let seen = $state('slant');
  const SIDES = [
    // Between the two, where the nearer dancer hides least of the other.
    { value: 'slant', label: 'Slanting', angle: 0.7 },
    { value: 'wall', label: 'From the wall', angle: 0 },
    { value: 'line', label: 'Along the line', angle: Math.PI / 2 },
    { value: 'centre', label: 'From the centre', angle: Math.PI }
  ];
  const angle = $derived(SIDES.find((side) => side.value === seen)?.angle ?? 0);
  const figures = $derived(read.current ?? []);
  let printing = $state(false);
  /** Which are drawn, or cannot be. */
  let ready = $state.raw<readonly string[]>([]);

  // What was drawn of another dance is no longer there.
  $effect(() => {
    void dance;
    ready = [];
  });

  // Printed only when all of them are there.
  $effect(() => {
    if (!printing || !figures.every((figure) => ready.includes(figure.id))) return;
    printing = false;
    void tick().then(() => window.print());
  });
</script>

<LibraryLinks here="/strips" />
<header class="mb-3 flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b-2 border-ink pb-1">
  <h1 class="text-3xl">Pictures</h1>
  <p class="text-soft">every figure of the dance, a pose for every count</p>
  <span class="ml-auto flex items-center gap-2 print:hidden">
    <SwitchRow label="Seen" value={seen} options={SIDES} onpick={(to) => (seen = to)} />
    <Button disabled={printing || figures.length === 0} onclick={() => (printing = true)}
      >{printing ? 'Being drawn…' : 'Print'}</Button
    >
  </span>
</header>
<Failed why={read.failed} />
{#if read.current && figures.length === 0}
  <p class="text-soft">No figure of this dance is charted yet.</p>
{/if}
<ul class="flex flex-wrap gap-x-8">
  {#each figures as figure (figure.id)}
    <li class="min-w-72 flex-auto break-inside-avoid border-b border-line py-2">
      <StripOf
        {figure}
        seen={angle}
        now={printing}
        onready={() => (ready = [...ready, figure.id])}
        onsave={(svg) => saveSvg(svg, `${figure.id}-strip.svg`)}
      />
    </li>
  {/each}
</ul>
