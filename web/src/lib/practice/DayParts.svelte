<script lang="ts">
  import { away, daysBetween, shortDay } from '$lib/api/days';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import { COLOURS, isWork, ladderOf, minutesOf, opens, PURPOSES, type Day, type Part } from './plan';

  interface Props {
    day: Day | undefined;
    date: string;
    today: string;
    whom: string;
    practice: string;
    onmark: (nth: number, state: NonNullable<Part['state']>) => void;
    onmarkall: (state: NonNullable<Part['state']>) => void;
  }

  /** What one day has, in order: minutes, tempo, why, and what has become of it. */
  let { day, date, today, whom, practice, onmark, onmarkall }: Props = $props();
  const settings = getSettings();
  const work = $derived(day?.parts.filter(isWork) ?? []);
  const done = $derived(work.filter((part) => part.state === 'done').length);
  const mayBeMarked = $derived(date <= today);
</script>

<section aria-label="The day" class="min-w-0">
  <div class="mb-1 flex flex-wrap items-baseline gap-x-3">
    <h2 class="text-2xl">
      {date === today ? 'Today' : shortDay(date)}
      <span class="text-base font-normal text-soft"
        >{date === today ? shortDay(date) : away(daysBetween(today, date))}</span
      >
    </h2>
    {#if day && minutesOf(day) > 0}<p class="text-soft">
        {minutesOf(day)} minutes{mayBeMarked && work.length ? `, ${done} of ${work.length} done` : ''}
      </p>{/if}
    {#if mayBeMarked && work.length > 1 && done < work.length}<Button
        kind="quiet"
        class="ml-auto"
        onclick={() => onmarkall('done')}>All done</Button
      >{/if}
  </div>
  {#if day?.why}<p class="mb-1 text-sm text-soft">{day.why[0]?.toUpperCase()}{day.why.slice(1)}.</p>{/if}
  <ol class="flex flex-col gap-1">
    {#each day?.parts ?? [] as part, nth (nth)}
      {@const state = part.state ?? 'open'}
      {#if isWork(part)}
        <li
          class={['flex flex-wrap items-center gap-x-3 gap-y-1 bg-sheet py-1.5 pr-2', state !== 'open' && 'opacity-80']}
        >
          <span class="self-stretch border-l-8 {COLOURS[part.purpose]}"></span>
          <span class="w-16 text-right font-display text-2xl"
            >{part.minutes} <span class="text-xs text-soft">min</span></span
          >
          <span class="min-w-52 flex-1">
            <span class="flex flex-wrap items-baseline gap-x-2">
              <b class={['font-display text-lg', state === 'missed' && 'line-through']}>{part.name}</b>
              <span class="text-xs text-soft">{PURPOSES[part.purpose].toLowerCase()}</span>
              {#if ladderOf(part)}<span class="text-sm">{ladderOf(part)} bars a minute</span>{/if}
            </span>
            <span class="block max-w-prose text-sm text-soft">{settings.say(part.why)}</span>
          </span>
          <span class="flex items-center gap-1.5 text-sm">
            <a
              class="rounded-xs border border-accent px-2 py-1 text-accent hover:bg-tint"
              href={opens(part, whom, practice, date)}>{part.kind === 'drill' ? 'See' : 'Dance'} it</a
            >
            {#if mayBeMarked}
              <Button
                aria-pressed={state === 'done'}
                aria-label="Done: {part.name}"
                onclick={() => onmark(nth, state === 'done' ? 'open' : 'done')}>Done</Button
              >
              <Button
                aria-pressed={state === 'missed'}
                aria-label="Missed: {part.name}"
                onclick={() => onmark(nth, state === 'missed' ? 'open' : 'missed')}>Missed</Button
              >
            {/if}
          </span>
        </li>
      {:else}
        <li class="flex items-baseline gap-x-3 pr-2 text-sm text-soft">
          <span class="border-l-8 {COLOURS[part.purpose]} self-stretch"></span>
          <span class="w-16 text-right">{part.minutes} min</span>
          <span>{PURPOSES[part.purpose]}: {part.why}</span>
        </li>
      {/if}
    {:else}
      <li class="text-soft">{day?.why ? '' : 'Nothing is planned on this day.'}</li>
    {/each}
  </ol>
</section>
