<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas } from '$lib/api/client';
  import { away, daysBetween, shortDay } from '$lib/api/days';
  import { loaded } from '$lib/api/loaded.svelte';
  import { addressOfCard } from '$lib/handout/sheets';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import { ladderOf } from '$lib/practice/plan';

  /** The couple's own plan: what today has, what is done, and where it is danced. */
  let { id }: { id: string } = $props();
  const settings = getSettings();
  const attempt = new Attempt();
  // Made anew for every plan.
  // svelte-ignore state_referenced_locally
  const wanted = { params: { path: { id } } };
  const read = loaded(
    () => id,
    () => need(api.GET('/api/shared/practices/{id}', wanted))
  );
  let changed = $state.raw<Schemas['SharedPractice']>();
  const plan = $derived(changed ?? read.current);
  const done = (day: Schemas['SharedDay']) => day.parts.filter((part) => part.state === 'done').length;

  /** One after the other: an answer shows the plan with all that was ticked before. */
  let queue: Promise<unknown> = Promise.resolve();
  function tick(date: string, part: Schemas['SharedPart'], box: HTMLInputElement) {
    const on = box.checked;
    queue = queue.then(async () => {
      const kept = await attempt.run(async () => {
        changed = await need(
          api.POST('/api/shared/practices/{id}/ticks', {
            ...wanted,
            body: { date, nth: part.nth, kind: part.kind, id: part.id, done: on }
          })
        );
      });
      if (kept) return;
      // The plan may be another one by now: it is shown as it stands.
      box.checked = !on;
      changed = undefined;
      await read.again();
    });
  }

  function opens(part: Schemas['SharedPart']) {
    const ladder = part.from !== undefined && part.to !== undefined ? `?ladder=${part.from}-${part.to}` : '';
    return `/shared/${part.kind}/${encodeURIComponent(part.id)}${ladder}`;
  }
</script>

<svelte:head><title>Practice · Fluid Frame</title></svelte:head>
<div class="mx-auto max-w-2xl">
  <Failed why={read.failed} />
  {#if plan}
    <div class="flex flex-wrap items-baseline gap-x-4">
      <h1 class="mr-auto text-3xl">{plan.aim}</h1>
      <a class="text-sm text-accent underline underline-offset-2" href="/print/practice/{encodeURIComponent(id)}"
        >Sheet</a
      >
      <a
        class="text-sm text-accent underline underline-offset-2"
        href={addressOfCard('practice', id, settings.wording, settings.count)}
        download>Practice card</a
      >
    </div>
    <p class="mb-3 border-b-4 border-double border-ink pb-1 text-soft">
      {plan.name}, {shortDay(plan.day)}, {away(daysBetween(plan.today, plan.day))}
    </p>
    <Failed why={attempt.failed} />
    {#each plan.days.filter((day) => day.date >= plan.today) as day (day.date)}
      {@render one(day)}
    {:else}<p class="text-soft">Nothing is planned from today on.</p>{/each}
    {#if plan.days.some((day) => day.date < plan.today)}
      <details class="mt-4">
        <summary class="text-accent">The days before</summary>
        {#each plan.days.filter((day) => day.date < plan.today).toReversed() as day (day.date)}{@render one(day)}{/each}
      </details>
    {/if}
    <p class="mt-6 border-t border-line pt-2 text-xs text-soft">
      Dance within what your body allows: pain is a signal to stop and to ask somebody qualified.
    </p>
  {/if}
</div>

{#snippet one(day: Schemas['SharedDay'])}
  {#if plan}
    <section aria-label={day.date === plan.today ? 'Today' : shortDay(day.date)} class="mb-5">
      <h2 class={['flex items-baseline gap-2 text-xl', day.date === plan.today && 'text-accent']}>
        {day.date === plan.today ? 'Today' : shortDay(day.date)}
        {#if day.parts.length > 0}<span class="font-text text-sm font-normal text-soft"
            >{day.parts.reduce((sum, part) => sum + part.minutes, 0)} minutes{day.date <= plan.today
              ? `, ${done(day)} of ${day.parts.length} done`
              : ''}</span
          >{/if}
      </h2>
      {#if day.why}<p class="text-sm text-soft">{day.why[0]?.toUpperCase()}{day.why.slice(1)}.</p>{/if}
      <ul>
        {#each day.parts as part (part.nth)}
          <li class="flex items-start gap-3 border-b border-line py-2">
            <input
              type="checkbox"
              class="mt-1 size-6 shrink-0 accent-accent disabled:opacity-40"
              aria-label="Done: {part.name}"
              checked={part.state === 'done'}
              disabled={day.date > plan.today}
              onchange={(event) => tick(day.date, part, event.currentTarget)}
            />
            <span class="min-w-0 flex-1">
              <span class="font-display text-lg font-semibold">{part.name}</span>
              <span class="text-sm whitespace-nowrap text-soft">{part.minutes} min</span>
              {#if ladderOf(part)}<span class="text-sm whitespace-nowrap">{ladderOf(part)} bars a minute</span>{/if}
              <span class="block text-sm text-soft">{settings.say(part.why)}</span>
              {#if part.steps.length > 0}
                <details class="text-sm">
                  <summary class="text-accent">How it goes</summary>
                  <ol class="list-decimal pl-5">
                    {#each part.steps as step, nth (nth)}<li>{settings.say(step)}</li>{/each}
                  </ol>
                </details>
              {/if}
            </span>
            {#if part.kind !== 'drill'}<a
                class="rounded-xs border border-accent px-2.5 py-1 text-sm text-accent hover:bg-tint"
                aria-label="Dance {part.name}"
                href={opens(part)}>Dance</a
              >{/if}
          </li>
        {/each}
      </ul>
    </section>
  {/if}
{/snippet}
