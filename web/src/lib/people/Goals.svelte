<script lang="ts">
  import { without } from '$lib/editing/without';
  import AddLine from '$lib/ui/AddLine.svelte';
  import Button from '$lib/ui/Button.svelte';
  import type { CoupleEditor } from './editors';

  /** What is to be reached, and until when. */
  let { editor }: { editor: CoupleEditor } = $props();
  const goals = $derived(editor.state.goals ?? []);
  type Goal = (typeof goals)[number];
  const change = (nth: number, goal: Goal) => editor.describe({ goals: goals.with(nth, goal) }, `goal ${nth}`);
</script>

<section aria-label="Goals">
  <h2 class="mb-1 text-lg">Goals</h2>
  <ul class="text-sm">
    {#each goals as goal, nth (nth)}
      <li class="flex flex-wrap items-center gap-2 border-t border-line py-1">
        <input
          type="checkbox"
          aria-label="Reached: {goal.text}"
          checked={goal.reached ?? false}
          onchange={(e) => change(nth, { ...goal, reached: e.currentTarget.checked })}
        />
        <span class={['grow', goal.reached && 'text-soft line-through']}>{goal.text}</span>
        <input
          type="date"
          aria-label="By: {goal.text}"
          value={goal.by ?? ''}
          onchange={(e) => {
            const by = e.currentTarget.value;
            change(nth, by ? { ...goal, by } : without(goal, 'by'));
          }}
          class="rounded-xs border border-line bg-raised px-1"
        />
        <Button
          kind="quiet"
          aria-label="Take out {goal.text}"
          onclick={() => editor.describe({ goals: goals.filter((_, other) => other !== nth) })}>×</Button
        >
      </li>
    {/each}
  </ul>
  <AddLine
    label="A new goal"
    placeholder="quickstep clean at 50"
    word="Add"
    onadd={(text) => editor.describe({ goals: [...goals, { text, reached: false }] })}
  />
</section>
