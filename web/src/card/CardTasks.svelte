<script lang="ts">
  import { shortDay } from '$lib/api/days';
  import { keepTicked, ticked, type Task } from '$lib/card/payload';

  interface Props {
    /** Of the card, by which its ticks are kept. */
    title: string;
    tasks: readonly Task[];
    onpractise: (task: Task) => void;
  }

  let { title, tasks, onpractise }: Props = $props();
  // svelte-ignore state_referenced_locally
  let done = $state.raw(ticked(title));
  const days = $derived(Object.entries(Object.groupBy(tasks, (task) => task.day)));

  function tick(key: string, on: boolean) {
    done = on ? [...done, key] : done.filter((one) => one !== key);
    keepTicked(title, done);
  }

  const pace = (task: Task) =>
    task.to === undefined
      ? ''
      : `, ${task.from === undefined || task.from === task.to ? task.to : `${task.from} to ${task.to}`} bars a minute`;
</script>

<section aria-label="This week" class="mb-5">
  <h2 class="mb-1 text-lg">This week</h2>
  {#each days as [day, of] (day)}
    <h3 class="mt-2 text-sm text-soft">{shortDay(day)}</h3>
    <ul>
      {#each of ?? [] as task (task.key)}
        <li class="flex items-start gap-2 border-b border-line py-1.5">
          <input
            type="checkbox"
            class="mt-1 size-5 shrink-0 accent-accent"
            aria-label="{task.name} done"
            checked={done.includes(task.key)}
            onchange={(event) => tick(task.key, event.currentTarget.checked)}
          />
          <span class="min-w-0 flex-1">
            <span class="font-semibold">{task.name}</span>
            <span class="text-sm text-soft">{task.minutes} min{pace(task)}</span>
            {#if task.why}<span class="block text-sm text-soft">{task.why}</span>{/if}
          </span>
          {#if task.piece !== undefined}
            <button
              type="button"
              class="rounded-xs border border-strong bg-raised px-2 py-1 text-sm"
              aria-label="Dance {task.name}"
              onclick={() => onpractise(task)}>Dance</button
            >
          {/if}
        </li>
      {/each}
    </ul>
  {/each}
</section>
