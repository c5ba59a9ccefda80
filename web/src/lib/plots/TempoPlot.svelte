<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { dayHere, longDay } from '$lib/api/days';
  import { scaleLinear, scaleTime } from 'd3-scale';
  import { line } from 'd3-shape';

  /** The tempo danced clean over the weeks, against the tempo that is wanted. */
  let { subject }: { subject: Schemas['SubjectView'] } = $props();
  const WIDTH = 220;
  const HEIGHT = 44;
  const runs = $derived(subject.cleanRuns.map((run) => ({ at: new Date(run.at), tempo: run.tempo })));
  const tempos = $derived([...runs.map((run) => run.tempo), subject.wanted ?? NaN].filter((t) => !Number.isNaN(t)));
  const x = $derived(
    scaleTime()
      .domain([runs[0]?.at ?? 0, runs.at(-1)?.at ?? 1])
      .range([4, WIDTH - 4])
  );
  const y = $derived(
    scaleLinear()
      .domain([Math.min(...tempos) - 1, Math.max(...tempos) + 1])
      .range([HEIGHT - 3, 3])
  );
  const best = $derived(
    runs.reduce<{ at: Date; tempo: number }[]>((reached, run) => {
      const before = reached.at(-1)?.tempo ?? 0;
      return [...reached, { at: run.at, tempo: Math.max(before, run.tempo) }];
    }, [])
  );
  const path = $derived(
    line<{ at: Date; tempo: number }>()
      .x((run) => x(run.at))
      .y((run) => y(run.tempo))(best)
  );
  const words = $derived(
    runs.length === 0
      ? 'no clean run yet'
      : `clean at ${subject.fastestClean}${subject.wanted ? ` of ${subject.wanted} bars a minute` : ' bars a minute'}`
  );
</script>

{#if runs.length > 1}
  <svg viewBox="0 0 {WIDTH} {HEIGHT}" role="img" aria-label="{subject.name}: {words}" class="h-11 w-full max-w-56">
    {#if subject.wanted}
      <line
        x1="0"
        x2={WIDTH}
        y1={y(subject.wanted)}
        y2={y(subject.wanted)}
        stroke="var(--color-accent)"
        stroke-dasharray="3 3"
      />
    {/if}
    <path d={path} fill="none" stroke="var(--color-ink)" stroke-width="1.5" />
    {#each runs as run, nth (nth)}<circle cx={x(run.at)} cy={y(run.tempo)} r="1.8" fill="var(--color-strong)" />{/each}
  </svg>
{/if}
{#if runs.length > 0}
  <details class="text-xs text-soft">
    <summary>{words}</summary>
    <table class="mt-1">
      <thead><tr><th class="pr-3 text-left font-normal">day</th><th class="font-normal">bars a minute</th></tr></thead>
      <tbody>
        {#each subject.cleanRuns as run, nth (nth)}<tr
            ><td class="pr-3">{longDay(dayHere(run.at))}</td><td class="text-right">{run.tempo}</td></tr
          >{/each}
      </tbody>
    </table>
    {#if subject.trend}<p>
        {subject.trend.slope >= 0 ? 'gains' : 'loses'}
        {Math.abs(subject.trend.slope)} bars a minute a week (likely {subject.trend.low} to {subject.trend
          .high}){subject.trend.sure ? '' : ': no more than chance'}
      </p>{/if}
  </details>
{:else}<p class="text-xs text-soft">{words}</p>{/if}
