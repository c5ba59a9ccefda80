<script lang="ts">
  import { shortDay } from '$lib/api/days';
  import Button from '$lib/ui/Button.svelte';
  import type { Practice } from './plan';

  interface Props {
    practice: Practice;
    /** The day that is looked at, whose minutes may differ from those of its week. */
    date: string;
    mayChange: boolean;
    onchange: (change: Pick<Practice, 'week'> | Pick<Practice, 'except'>) => void;
  }

  /** The minutes there are: by the day of the week, and of single days. */
  let { practice, date, mayChange, onchange }: Props = $props();
  const DAYS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'] as const;
  const week = $derived(practice.week ?? {});
  const except = $derived(practice.except ?? {});
  const own = $derived(except[date]);
  const field = 'w-14 rounded-xs border border-strong bg-raised px-1 py-0.5 text-right';

  function minutes(input: HTMLInputElement): number | null {
    return input.validity.valid && input.value !== '' ? Number(input.value) : null;
  }

  function setWeek(day: (typeof DAYS)[number], input: HTMLInputElement) {
    const wanted = minutes(input);
    if (wanted !== null) onchange({ week: { ...week, [day]: wanted } });
  }

  function setDay(input: HTMLInputElement) {
    const wanted = minutes(input);
    if (wanted !== null) onchange({ except: { ...except, [date]: wanted } });
  }

  function asTheWeek() {
    const others = Object.fromEntries(Object.entries(except).filter(([day]) => day !== date));
    onchange({ except: others });
  }
</script>

<section aria-label="The time there is">
  <h2 class="mb-1 text-lg">The time there is</h2>
  <div class="grid grid-cols-7 gap-1 text-center text-xs text-soft">
    {#each DAYS as day (day)}
      <label class="flex flex-col gap-0.5"
        ><span aria-hidden="true">{day.slice(0, 2)[0]?.toUpperCase()}{day[1]}</span>
        <input
          aria-label="Minutes on {day[0]?.toUpperCase()}{day.slice(1)}"
          class="w-full rounded-xs border border-strong bg-raised px-0.5 py-1 text-center text-sm text-ink"
          type="number"
          min="0"
          max="480"
          value={week[day] ?? 0}
          onchange={(event) => setWeek(day, event.currentTarget)}
        /></label
      >
    {/each}
  </div>
  {#if mayChange}
    <p class="mt-2 flex flex-wrap items-center gap-2 text-sm">
      <label class="flex items-center gap-2"
        >On {shortDay(date)} only
        <input
          class={field}
          type="number"
          min="0"
          max="480"
          value={own ?? ''}
          placeholder="–"
          onchange={(event) => setDay(event.currentTarget)}
        /> minutes</label
      >
      {#if own !== undefined}<Button kind="quiet" onclick={asTheWeek}>as every week</Button>{/if}
    </p>
  {/if}
</section>
