<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { later, longDay, mondayOf, shortDay } from '$lib/api/days';
  import { getSettings } from '$lib/settings/settings.svelte';
  import { scaleLinear } from 'd3-scale';
  import { range, said, verdict } from './rates';

  /** One fault over the weeks: how often in how many runs, with the cues where they were given. */
  let { fault }: { fault: Schemas['FaultView'] } = $props();
  const settings = getSettings();
  const BAR = 13;
  const GAP = 3;
  const HEIGHT = 46;
  const MOST_WEEKS = 26;
  const first = $derived(fault.weeks[0]?.monday ?? '');
  const all = $derived.by(() => {
    const found = new Map(fault.weeks.map((week) => [week.monday, week.rate]));
    const last = fault.weeks.at(-1)?.monday ?? '';
    const weeks: { monday: string; rate?: Schemas['RateView'] }[] = [];
    for (let monday = first; monday !== '' && monday <= last; monday = later(monday, 7)) {
      weeks.push({ monday, rate: found.get(monday) });
    }
    return weeks.slice(-MOST_WEEKS);
  });
  const y = scaleLinear().domain([0, 1]).range([HEIGHT, 0]);
  const at = (day: string) => all.findIndex((week) => week.monday === mondayOf(day)) * (BAR + GAP) + BAR / 2;
  const cues = $derived(fault.cues.filter((cue) => at(cue.since) >= 0));
  const words = $derived(`${fault.seen}: ${said(fault.rate)}, ${verdict(fault.change)}`);
</script>

<svg
  viewBox="0 -12 {Math.max(all.length, 4) * (BAR + GAP)} {HEIGHT + 13}"
  role="img"
  aria-label={words}
  style:width="{Math.max(all.length, 4) * (BAR + GAP)}px"
  class="max-w-full"
>
  <line x1="0" x2={all.length * (BAR + GAP)} y1={HEIGHT} y2={HEIGHT} stroke="var(--color-strong)" />
  {#each all as week, nth (week.monday)}
    {#if week.rate}
      <rect
        x={nth * (BAR + GAP)}
        y="0"
        width={BAR}
        height={HEIGHT}
        fill="var(--color-raised)"
        stroke="var(--color-line)"
        stroke-width=".6"
      />
      <rect
        x={nth * (BAR + GAP)}
        y={y(week.rate.times / week.rate.of)}
        width={BAR}
        height={HEIGHT - y(week.rate.times / week.rate.of)}
        fill={fault.role === 'man' ? 'var(--color-man)' : 'var(--color-lady)'}
        ><title>{shortDay(week.monday)}: {said(week.rate)}</title></rect
      >
    {/if}
  {/each}
  {#each cues as cue (cue.cue)}
    <path d="M{at(cue.since)} -1 l-4 -8 h8 z" fill="var(--color-accent)"><title>“{cue.cue}”</title></path>
  {/each}
</svg>
<details class="text-xs text-soft">
  <summary>{said(fault.rate)}, {range(fault.rate)}</summary>
  <table class="mt-1">
    <thead
      ><tr><th class="pr-3 text-left font-normal">week of</th><th class="text-left font-normal">seen</th></tr></thead
    >
    <tbody>
      {#each fault.weeks as week (week.monday)}<tr
          ><td class="pr-3">{longDay(week.monday)}</td><td>{said(week.rate)}</td></tr
        >{/each}
    </tbody>
  </table>
  {#each fault.cues as cue (cue.cue)}
    <p>
      “{settings.say(cue.cue)}” since {shortDay(cue.since)}: {said(cue.change.before)} before, {said(cue.change.after)}
      after{cue.betterNextTime === undefined
        ? ''
        : cue.betterNextTime
          ? '; gone the next time'
          : '; there the next time'}
    </p>
  {/each}
</details>
