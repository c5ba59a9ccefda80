<script lang="ts">
  import { loaded } from '$lib/api/loaded.svelte';
  import { readingList } from '$lib/list/reading-list';
  import { getRoutineEditor } from '$lib/routine/routine-editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';

  const editor = getRoutineEditor();
  const settings = getSettings();
  const work = $derived(editor.work);
  const list = loaded(
    () => settings.list,
    () => readingList(settings)
  );
  const levels = $derived(list.current?.levels ?? []);
  const SIDES = ['first long side', 'first short side', 'second long side', 'second short side'];

  const used = $derived(
    [...levels, { name: 'not on the list', figures: [] as string[] }]
      .map((level) => ({
        name: level.name,
        times: (work?.budget.figures ?? []).filter((f) =>
          level.figures.length ? level.figures.includes(f.figure) : !levels.some((l) => l.figures.includes(f.figure))
        )
      }))
      .filter((level) => level.times.length > 0)
  );
  const side = $derived.by(() => {
    const index = Math.max(0, editor.selected);
    const block = work?.blocks[index];
    return block && { ...block, words: SIDES[block.side % 4] };
  });
</script>

<section aria-label="What it is made of" class="flex flex-col gap-3 text-sm">
  {#if work}
    <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
      <dt class="text-soft">Phrases</dt>
      <dd>
        {work.budget.phraseHits} of {work.budget.phrases} begin with a figure{#if work.budget.missed.length}; a figure
          runs over the beginning of {work.budget.missed.join(', ')}{/if}
      </dd>
      <dt class="text-soft">Turn</dt>
      <dd class="amount">{work.turnRight} and {work.turnLeft}</dd>
      <dt class="text-soft">Corners</dt>
      <dd>{work.corners}, which is {(work.corners / 4).toFixed(2)} of a lap</dd>
      {#if side}
        <dt class="text-soft">After {side.name}</dt>
        <dd class={side.left < 0 ? 'font-semibold text-broken' : ''}>
          {side.left} m of the {side.words} left ({side.along} m along it in this figure)
        </dd>
      {/if}
    </dl>
    <div>
      <h3 class="font-semibold">Levels</h3>
      {#each used as level, nth (nth)}
        <p>
          <span class="text-soft">{level.name}:</span>
          {level.times.map((f) => (f.times > 1 ? `${f.name} ×${f.times}` : f.name)).join(', ')}
        </p>
      {/each}
    </div>
  {/if}
</section>
