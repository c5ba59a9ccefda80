<script lang="ts">
  import { shortDay } from '$lib/api/days';
  import { COLOURS, isWork, keyOf, mattersOf, minutesOf, PURPOSES, type Day } from './plan';

  interface Props {
    days: readonly Day[];
    today: string;
    chosen: string;
    aim: { name: string; day: string };
    onchoose: (date: string) => void;
  }

  /** The plan over the weeks: what is practised by rows, days by columns, what has become of it in the marks. */
  let { days, today, chosen, aim, onchoose }: Props = $props();
  const matters = $derived(mattersOf(days));
  const most = $derived(Math.max(1, ...days.map(minutesOf)));
  /** The bar of a day with the most minutes, in pixels. */
  const HIGH = 40;
  let frame = $state<HTMLElement>();

  /** What is on a day of one row. */
  const cell = (day: Day, key: string) => day.parts.find((part) => isWork(part) && keyOf(part) === key);
  const dayOfMonth = (date: string) => Number(date.slice(8));
  const isMonday = (date: string) => new Date(`${date}T12:00`).getDay() === 1;
  const letter = (date: string) => shortDay(date).slice(0, 1);

  $effect(() => {
    const column = frame?.querySelector<HTMLElement>('[data-today]');
    if (frame && column) frame.scrollLeft = Math.max(0, column.offsetLeft - frame.clientWidth / 2);
  });
</script>

<div bind:this={frame} class="relative overflow-x-auto pb-1">
  <table class="border-separate border-spacing-0 text-xs">
    <caption class="sr-only">What is practised on which day until {aim.name}</caption>
    <thead>
      <tr>
        <th scope="col" class="sticky left-0 z-10 bg-ground"><span class="sr-only">What is practised</span></th>
        {#each days as day (day.date)}
          <th
            scope="col"
            data-today={day.date === today ? '' : undefined}
            class={['p-0 align-bottom font-normal', isMonday(day.date) && 'border-l border-strong']}
          >
            <button
              type="button"
              aria-label="{shortDay(day.date)}, {minutesOf(day)} minutes"
              aria-pressed={day.date === chosen}
              onclick={() => onchoose(day.date)}
              class={[
                'flex w-5 flex-col items-center justify-end gap-0.5 hover:bg-tint',
                day.date === chosen && 'bg-tint font-semibold text-accent'
              ]}
              style:height="{HIGH + 34}px"
            >
              <span
                class={['w-3', day.date === today ? 'bg-accent' : 'bg-strong', day.date < today && 'opacity-50']}
                style:height="{(minutesOf(day) / most) * HIGH}px"
              ></span>
              <span class="leading-none">{letter(day.date)}</span>
              <span class={['leading-none', day.date === today && 'font-semibold text-accent underline']}
                >{dayOfMonth(day.date)}</span
              >
            </button>
          </th>
        {/each}
        <th scope="col" class="pl-2 text-left align-bottom font-normal whitespace-nowrap text-soft">
          <span aria-hidden="true">⚑ {dayOfMonth(aim.day)}</span><span class="sr-only">the event</span>
        </th>
      </tr>
    </thead>
    <tbody>
      {#each matters as matter (matter.key)}
        <tr>
          <th
            scope="row"
            class="sticky left-0 z-10 max-w-44 truncate border-t border-line bg-ground pr-2 text-left font-normal sm:max-w-60"
          >
            {matter.name}
          </th>
          {#each days as day (day.date)}
            {@const part = cell(day, matter.key)}
            <td
              class={[
                'h-6 border-t border-line p-0 text-center align-middle',
                isMonday(day.date) && 'border-l border-l-strong',
                day.date === chosen && 'bg-tint'
              ]}
            >
              {#if part}
                {@const state = part.state ?? 'open'}
                <span
                  class={[
                    'mx-auto flex size-4 items-center justify-center border-2 leading-none',
                    COLOURS[part.purpose],
                    state === 'open' && 'bg-transparent!',
                    state === 'missed' && 'rotate-45 border-dashed bg-transparent! opacity-60',
                    part.purpose === 'run' && 'rounded-full'
                  ]}><span class="sr-only">{PURPOSES[part.purpose]}, {part.minutes} minutes, {state}</span></span
                >
              {/if}
            </td>
          {/each}
          <td></td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>
<ul class="mt-1 flex flex-wrap gap-x-4 gap-y-1 text-xs text-soft" aria-label="Marks">
  {#each ['weak', 'new', 'keep', 'run'] as const as purpose (purpose)}
    <li class="flex items-center gap-1">
      <span class={['size-3 border-2', COLOURS[purpose], purpose === 'run' && 'rounded-full']}></span>{PURPOSES[
        purpose
      ].toLowerCase()}
    </li>
  {/each}
  <li>filled: done; open: to come; on its point, dashed: missed</li>
</ul>
