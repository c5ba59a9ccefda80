<script lang="ts">
  import type { RoleName, WorkView } from '$lib/api/client';
  import { getSettings } from '$lib/state/settings.svelte';

  interface Props {
    work: WorkView;
    focus: { role: RoleName; step: number } | null;
  }

  let { work, focus }: Props = $props();
  const settings = getSettings();
  const WIDTH = 520;
  const HEIGHT = 150;
  const LEFT = 56;
  const RIGHT = 90;
  const ends = $derived([...work.man.rows, ...work.lady.rows].map((r) => r.running));
  const most = $derived(Math.max(2, ...ends));
  const least = $derived(Math.min(-2, ...ends));
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
  const grid = $derived(
    Array.from({ length: Math.floor((most - least) / 4) + 1 }, (_, i) => Math.ceil(least / 4) * 4 + i * 4).filter(
      (t) => t <= most
    )
  );
  const beats = $derived(Array.from({ length: Math.round(work.beats) + 1 }, (_, i) => i));
  const quarters = ['', '1/4', '1/2', '3/4', '1', '1 1/4', '1 1/2', '1 3/4', '2'];
  const named = (turn: number) => (turn === 0 ? '0' : `${quarters[Math.abs(turn) / 4] ?? ''} ${turn > 0 ? 'R' : 'L'}`);
  const endY = $derived.by(() => {
    const man = y(work.man.rows.at(-1)?.running ?? 0);
    const lady = y(work.lady.rows.at(-1)?.running ?? 0);
    const middle = (man + lady) / 2;
    const up = man <= lady ? -7 : 7;
    return Math.abs(man - lady) < 14 ? { man: middle + up, lady: middle - up } : { man, lady };
  });
</script>

<section aria-label="Turn ledger" class="flex flex-col gap-1">
  <h2 class="text-base">Turn ledger</h2>
  <svg
    viewBox="0 0 {WIDTH} {HEIGHT}"
    class="amount w-full rounded-xs border border-line bg-sheet"
    role="img"
    aria-label="Running turn: the {settings.role('man')} {work.man.turn}, the {settings.role('lady')} {work.lady
      .turn} in all"
  >
    {#each grid as turn (turn)}
      <path d="M{LEFT} {y(turn)}H{WIDTH - RIGHT}" stroke="var(--color-line)" stroke-width={turn === 0 ? 1.6 : 0.8} />
      <text
        x={LEFT - 6}
        y={y(turn)}
        font-size="11"
        text-anchor="end"
        dominant-baseline="central"
        fill="var(--color-soft)">{named(turn)}</text
      >
    {/each}
    {#each beats as beat (beat)}
      <path
        d="M{x(beat)} 10V{HEIGHT - 18}"
        stroke="var(--color-line)"
        stroke-width={beat % work.beatsPerBar === 0 ? 1.4 : 0.5}
      />
      {#if beat < work.beats}
        <text x={x(beat + 0.5)} y={HEIGHT - 5} font-size="11" text-anchor="middle" fill="var(--color-soft)"
          >{(beat % work.beatsPerBar) + 1}</text
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
        {#if line.role === 'man'}
          <rect
            x={x(row.onset + row.length) - 3.5}
            y={y(row.running) - 3.5}
            width="7"
            height="7"
            fill="var(--color-man)"
            stroke={lit ? 'var(--color-ink)' : 'none'}
            stroke-width="2"
          />
        {:else}
          <circle
            cx={x(row.onset + row.length)}
            cy={y(row.running)}
            r="4"
            fill="var(--color-lady)"
            stroke={lit ? 'var(--color-ink)' : 'none'}
            stroke-width="2"
          />
        {/if}
      {/each}
      <text
        x={WIDTH - RIGHT + 8}
        y={endY[line.role]}
        font-size="11.5"
        dominant-baseline="central"
        fill="var(--color-{line.role})"
        font-weight="600">{settings.role(line.role)} {work[line.role].turn}</text
      >
    {/each}
  </svg>
</section>
