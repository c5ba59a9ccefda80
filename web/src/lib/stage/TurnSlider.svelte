<script lang="ts">
  import { getSettings } from '$lib/settings/settings.svelte';
  import type { Rehearsal } from './rehearsal.svelte';
  import { Turning } from './turning';

  /** A turn taken degree by degree: of whoever turns more between this step and the next. */
  let { r }: { r: Rehearsal } = $props();
  const settings = getSettings();
  /** Less than this is no turn. */
  const LEAST = 6;
  const span = $derived.by(() => {
    const after = r.onsets.findIndex((onset) => onset > r.beat + 0.001);
    const from = after < 0 ? r.onsets.at(-1) : r.onsets[after - 1];
    return { from: from ?? r.transport.begins, to: after < 0 ? r.transport.end : (r.onsets[after] ?? r.transport.end) };
  });
  const from = $derived(span.from);
  const to = $derived(span.to);
  const turns = $derived(
    r.dancers
      .filter((dancer) => r.only === 'both' || dancer.role === r.only)
      .map((dancer) => ({ role: dancer.role, turning: new Turning(dancer, from, to) }))
      .toSorted((a, b) => Math.abs(b.turning.whole) - Math.abs(a.turning.whole))
  );
  const most = $derived(turns[0]);
  const whole = $derived(most ? Math.abs(most.turning.whole) : 0);
  const charted = $derived(
    r.rowsOf(most?.role ?? 'man').find((row) => Math.abs(row.onset - to) < 0.001)?.cells.turn ?? ''
  );
  const words = (degrees: number) => `${Math.abs(Math.round(degrees))}°${degrees < 0 ? ' L' : degrees > 0 ? ' R' : ''}`;
</script>

<div class="flex flex-wrap items-center gap-x-3 text-sm">
  {#if most && whole >= LEAST}
    <label class="flex min-w-64 flex-1 items-center gap-2"
      >turn
      <input
        type="range"
        class="flex-1 accent-accent"
        aria-label="Turn, degree by degree"
        aria-valuetext="{Math.abs(Math.round(most.turning.at(r.beat)))} of {Math.round(whole)} degrees"
        min="0"
        max={Math.round(whole)}
        step="1"
        value={Math.abs(Math.round(most.turning.at(r.beat)))}
        oninput={(event) => {
          if (r.transport.playing) r.toggle();
          const wanted = Number(event.currentTarget.value);
          // The next step belongs to the next turn.
          r.seek(Math.min(most.turning.beatOf(wanted), to - 0.02));
        }}
      /></label
    >
    {#each turns as { role, turning } (role)}
      <output class={['tabular-nums', role === 'man' ? 'text-man' : 'text-lady']}
        >{settings.Role(role)} {words(turning.at(r.beat))} of {words(turning.whole)}</output
      >
    {/each}
    {#if charted}<span class="text-soft">charted {charted}</span>{/if}
  {:else}
    <span class="py-0.5 text-soft">No turn between this step and the next.</span>
  {/if}
</div>
