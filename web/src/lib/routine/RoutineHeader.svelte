<script lang="ts">
  import { goto } from '$app/navigation';
  import EditorBar from '$lib/editing/EditorBar.svelte';
  import { getRoutineEditor } from './routine-editor.svelte';
  import PlanDialog from '$lib/routine/compose/PlanDialog.svelte';
  import RoutineSettings from './RoutineSettings.svelte';

  const editor = getRoutineEditor();
  const work = $derived(editor.work);
  const span = $derived(editor.span);
  /** Several figures chosen are looped, counted from 1. */
  const stretch = $derived(span.from < span.to && span.from >= 0 ? `&from=${span.from + 1}&to=${span.to + 1}` : '');
  const bars = $derived(work ? (Number.isInteger(work.bars) ? String(work.bars) : work.bars.toFixed(2)) : '');
</script>

<header class="mb-3 flex flex-wrap items-end gap-x-5 gap-y-2 border-b-2 border-ink pb-2">
  <div class="min-w-0">
    <h1 class="text-3xl">{editor.routine.name}</h1>
    <p class="max-w-sm truncate text-sm text-soft" title={editor.routine.note}>{editor.routine.note}</p>
  </div>
  {#if work}
    <dl class="flex gap-5 text-sm">
      <div>
        <dt class="text-xs text-soft">bars</dt>
        <dd class="font-display text-xl leading-6 font-semibold">{bars}</dd>
      </div>
      <div>
        <dt class="text-xs text-soft">seconds at {editor.routine.tempo}</dt>
        <dd class="font-display text-xl leading-6 font-semibold">{work.seconds}</dd>
      </div>
      <div>
        <dt class="text-xs text-soft">turn</dt>
        <dd class="amount leading-6">{work.turnRight} · {work.turnLeft}</dd>
      </div>
      <div>
        <dt class="text-xs text-soft">corners</dt>
        <dd class="leading-6">{work.corners}</dd>
      </div>
      <div>
        <dt class="text-xs text-soft">joins</dt>
        <dd class={['leading-6', work.brokenJoins ? 'font-semibold text-broken' : 'text-sound']}>
          {work.brokenJoins ? `${work.brokenJoins} not possible` : 'all hold'}{work.canRepeat && !work.brokenJoins
            ? ', can be danced again'
            : ''}
        </dd>
      </div>
    </dl>
  {/if}
  <EditorBar editor={editor.editor} onremoved={() => void goto('/routines')}>
    {#snippet actions()}
      <a
        class="inline-flex items-center rounded-xs border border-strong bg-raised px-2.5 py-1 text-sm hover:border-accent hover:text-accent"
        href="/routines/{editor.editor.id}/sheet"
        title="The part of one dancer, to print">Sheet</a
      >
      <a
        class="inline-flex items-center rounded-xs border border-strong bg-raised px-2.5 py-1 text-sm hover:border-accent hover:text-accent"
        href="/rehearse?routine={editor.editor.id}{stretch}"
        data-rehearse
        title={stretch ? 'See the chosen figures danced (r)' : 'See it danced (r)'}>Rehearse</a
      >
      <PlanDialog />
      <RoutineSettings />
    {/snippet}
  </EditorBar>
</header>
