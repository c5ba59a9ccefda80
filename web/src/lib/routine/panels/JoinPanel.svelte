<script lang="ts">
  import ConditionTable from '$lib/links/ConditionTable.svelte';
  import Button from '$lib/ui/Button.svelte';
  import { getRoutineEditor } from '$lib/routine/routine-editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';

  const editor = getRoutineEditor();
  const settings = getSettings();
  const REPAIRS = [
    { kind: 'between', words: 'Put between:' },
    { kind: 'before', words: 'Or dance before it:' },
    { kind: 'after', words: 'Or dance after it:' }
  ];
  const join = $derived(editor.work?.joins.find((j) => j.index === editor.selected));
  const before = $derived(editor.work?.blocks[editor.selected - 1]);
  const block = $derived(editor.work?.blocks[editor.selected]);
  const broken = $derived(editor.work?.joins.filter((j) => j.verdict !== 'yes' && !j.accepted) ?? []);
  const nextBroken = $derived(broken.find((j) => j.index > editor.selected) ?? broken[0]);
</script>

<section
  aria-label="Join"
  class="border-l-4 bg-sheet py-2 pr-3 pl-3 {join && join.verdict !== 'yes'
    ? join.verdict === 'no'
      ? 'border-broken'
      : 'border-doubtful'
    : 'border-sound'}"
>
  <div class="flex items-baseline gap-2">
    <h2 class="text-base">
      {#if block}Into {block.name}{:else}Before the first figure{/if}
    </h2>
    {#if nextBroken && nextBroken.index !== editor.selected}
      <Button kind="quiet" class="ml-auto" onclick={() => editor.select(nextBroken.index)}>Next broken join ›</Button>
    {/if}
  </div>
  {#if !block}
    <p class="text-sm text-soft">What is chosen below is danced first.</p>
  {:else if join?.free}
    <p class="text-sm text-soft">
      A free element is on one side: only the beat can be judged, and {join.verdict === 'yes'
        ? 'it fits'
        : 'it does not fit'}.
    </p>
    {#each join.reasons as reason, nth (nth)}<p class="text-sm text-broken">{settings.say(reason)}</p>{/each}
  {:else if !join && block.figure === undefined}
    <p class="text-sm text-soft">A free element begins the routine.</p>
  {:else if !join}
    <p class="text-sm text-soft">It begins the routine, {block.begins}, on beat {block.beat}.</p>
  {:else}
    <p class="text-sm" role="status">
      {#if join.verdict === 'yes'}
        <span class="font-semibold text-sound">Holds</span> after {before?.name}{join.customary
          ? ', and is customary'
          : ', though not a listed neighbour'}.
      {:else if join.verdict === 'yes-if'}
        <span class="font-semibold text-doubtful">Possible if</span> you change something after {before?.name}:
      {:else}
        <span class="font-semibold text-broken">Not possible</span> after {before?.name}:
      {/if}
    </p>
    <ul class="list-disc pl-5 text-sm">
      {#each join.reasons as reason, nth (nth)}<li>{settings.say(reason)}</li>{/each}
    </ul>
    {#if join.adjustments.length > 0}
      <div class="mt-1.5 flex flex-wrap gap-1.5">
        {#each join.adjustments as adjustment, nth (nth)}
          <Button kind="main" onclick={() => editor.adjust(join.index, adjustment)}>{adjustment.words}</Button>
        {/each}
      </div>
    {/if}
    {#if join.repairs.length > 0}
      {#each REPAIRS as kind (kind.kind)}
        {@const repairs = join.repairs.filter((repair) => repair.kind === kind.kind)}
        {#if repairs.length > 0}
          <div class="mt-1.5 flex flex-wrap items-center gap-1.5 text-sm">
            <span class="text-soft">{kind.words}</span>
            {#each repairs as repair, nth (nth)}
              <Button onclick={() => editor.repair(join.index, repair)}>{repair.name}</Button>
            {/each}
          </div>
        {/if}
      {/each}
    {/if}
    {#if join.verdict !== 'yes'}
      <label class="mt-1.5 flex items-center gap-2 text-sm"
        ><span class="text-soft">Or let it stand, because</span>
        <input
          value={join.accepted ?? ''}
          maxlength="300"
          placeholder="your reason"
          class="min-w-0 grow rounded-xs border border-line bg-raised px-1.5 py-0.5"
          onchange={(event) => editor.change(join.index, { accepted: event.currentTarget.value.trim() || undefined })}
        /></label
      >
    {/if}
    <details class="mt-1 text-sm">
      <summary class="cursor-pointer text-soft">Both sides, value by value</summary>
      <ConditionTable conditions={join.conditions} />
    </details>
  {/if}
</section>
