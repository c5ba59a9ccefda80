<script lang="ts">
  import type { RoleName, WorkView } from '$lib/api/client';
  import { getSettings } from '$lib/settings/settings.svelte';

  interface Props {
    work: WorkView;
    focus: { role: RoleName; step: number } | null;
    /** Called with the row whose point is picked. */
    onfocus?: (focus: { role: RoleName; step: number }) => void;
  }

  let { work, focus, onfocus }: Props = $props();
  const settings = getSettings();
  const rowsOf = (work: WorkView) => [...work.man.rows, ...work.lady.rows];
  const WIDTH = 520;
  const HEIGHT = 170;
  const LEFT = 114;
  const RIGHT = 76;
  const ends = $derived([...work.axis.map((line) => line.turn), ...rowsOf(work).map((row) => row.running)]);
  const most = $derived(Math.max(...ends));
  const least = $derived(Math.min(...ends));
  const x = (beat: number) => LEFT + (beat / Math.max(work.beats, 1)) * (WIDTH - LEFT - RIGHT);
  const y = (turn: number) => 14 + ((most - turn) / (most - least)) * (HEIGHT - 34);
  const lines = $derived(
    (['man', 'lady'] as const).map((role) => {
      const rows = work[role].rows;
      return {
        role,
        rows,
        d: rows.reduce((d, r) => `${d}L${x(r.onset + r.length)} ${y(r.running)}`, `M${x(0)} ${y(0)}`)
      };
    })
  );
  const beats = $derived(Array.from({ length: Math.round(work.beats) + 1 }, (_, i) => i));
  const solo = $derived(work.man.rows.length === 0 ? 'lady' : work.lady.rows.length === 0 ? 'man' : '');

  function pick(role: RoleName, step: number) {
    onfocus?.({ role, step });
    document.getElementById(`row-${role}-${step}`)?.scrollIntoView({ block: 'nearest' });
  }
</script>

<section aria-label="Turn ledger" class="flex flex-col gap-1">
  <h2 class="flex items-baseline gap-3 text-base">
    Turn ledger
    {#each ['man', 'lady'] as const as role (role)}
      {#if work[role].rows.length > 0}
        <span class={['amount font-sans text-sm font-normal', role === 'man' ? 'text-man' : 'text-lady']}
          >{role === 'man' ? '■ ―' : '● ╌'} {settings.role(role)} {work[role].turn}</span
        >
      {/if}
    {/each}
  </h2>
  <svg
    viewBox="0 0 {WIDTH} {HEIGHT}"
    class="amount w-full rounded-xs border border-line bg-sheet"
    role="group"
    aria-label="Running turn: the {settings.role('man')} {work.man.turn}, the {settings.role('lady')} {work.lady
      .turn} in all"
  >
    {#each work.axis as { turn, words, man, lady } (turn)}
      <path d="M{LEFT} {y(turn)}H{WIDTH - RIGHT}" stroke="var(--color-line)" stroke-width={turn === 0 ? 1.6 : 0.8} />
      <text
        x={LEFT - 6}
        y={y(turn)}
        font-size="11"
        text-anchor="end"
        dominant-baseline="central"
        fill="var(--color-soft)">{words}</text
      >
      {#if solo !== 'lady'}
        <text x="2" y={y(turn)} font-size="11" dominant-baseline="central" fill="var(--color-man)">{man}</text>
      {/if}
      {#if solo !== 'man'}
        <text x={WIDTH - RIGHT + 6} y={y(turn)} font-size="11" dominant-baseline="central" fill="var(--color-lady)"
          >{lady}</text
        >
      {/if}
    {/each}
    {#each beats as beat (beat)}
      <path
        d="M{x(beat)} 10V{HEIGHT - 18}"
        stroke="var(--color-line)"
        stroke-width={(beat + work.startBeat) % work.beatsPerBar === 0 ? 1.4 : 0.5}
      />
      {#if beat < work.beats}
        <text x={x(beat + 0.5)} y={HEIGHT - 5} font-size="11" text-anchor="middle" fill="var(--color-soft)"
          >{((beat + work.startBeat) % work.beatsPerBar) + 1}</text
        >
      {/if}
    {/each}
    {#each lines as line (line.role)}
      <path
        d={line.d}
        fill="none"
        stroke="var(--color-{line.role})"
        stroke-width="2.4"
        stroke-dasharray={line.role === 'lady' ? '6 3' : undefined}
      />
      {#each line.rows as row (row.number)}
        {@const lit = focus?.role === line.role && focus.step === row.number}
        {@const at = { x: x(row.onset + row.length), y: y(row.running) }}
        <g
          role="button"
          tabindex="0"
          aria-label="{settings.Role(line.role)} step {row.number}: {row.turned} so far, {row.facing}"
          class="cursor-pointer outline-offset-0"
          onclick={() => pick(line.role, row.number)}
          onkeydown={(event) => event.key === 'Enter' && pick(line.role, row.number)}
        >
          <circle cx={at.x} cy={at.y} r="9" fill="transparent" />
          {#if line.role === 'man'}
            <rect
              x={at.x - 3.5}
              y={at.y - 3.5}
              width="7"
              height="7"
              fill="var(--color-man)"
              stroke={lit ? 'var(--color-ink)' : 'none'}
              stroke-width="2"
            />
          {:else}
            <circle
              cx={at.x}
              cy={at.y}
              r="4"
              fill="var(--color-lady)"
              stroke={lit ? 'var(--color-ink)' : 'none'}
              stroke-width="2"
            />
          {/if}
        </g>
      {/each}
    {/each}
  </svg>
</section>
