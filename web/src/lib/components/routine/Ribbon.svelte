<script lang="ts">
  import { getRoutineEditor } from '$lib/state/routine-editor.svelte';
  import RibbonBlock from './RibbonBlock.svelte';

  const editor = getRoutineEditor();
  const work = $derived(editor.work);
  let width = $state(1100);
  let dragged = $state(-1);
  const bars = $derived(Math.max(8, Math.ceil(work?.bars ?? 0)));
  const perBar = $derived(Math.max(72, Math.floor(width / Math.max(bars, 16))));
  const numbers = $derived(Array.from({ length: bars }, (_, i) => i + 1));

  function focusBlock(index: number) {
    editor.select(index);
    requestAnimationFrame(() => document.querySelector<HTMLElement>(`[data-block="${editor.selected}"]`)?.focus());
  }

  function onkeydown(event: KeyboardEvent, index: number) {
    const last = editor.routine.figures.length - 1;
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (by && event.altKey) {
      editor.move(index, index + by);
      focusBlock(index + by);
    } else if (by) {
      focusBlock(Math.max(0, Math.min(index + by, last)));
    } else if (event.key === 'Home') {
      focusBlock(0);
    } else if (event.key === 'End') {
      focusBlock(last);
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
      editor.remove(index);
      focusBlock(Math.min(index, last - 1));
    } else if (event.key === 'c') {
      editor.toggleCorner(index);
    } else if (event.key === 'Enter' || event.key === 'f') {
      document.querySelector<HTMLElement>('[data-follow]')?.focus();
    } else {
      return;
    }
    event.preventDefault();
  }

  function drop(target: number) {
    if (dragged >= 0 && dragged !== target) editor.move(dragged, target);
    dragged = -1;
  }
</script>

<section aria-label="Ribbon of bars" bind:clientWidth={width}>
  <div class="overflow-x-auto pb-1">
    <div class="relative" style:width="{bars * perBar}px">
      <div class="flex text-xs text-soft" aria-hidden="true">
        {#each numbers as bar (bar)}
          <span
            class={[
              'shrink-0 border-l pl-1',
              (bar - 1) % 4 === 0 ? 'border-ink font-semibold text-ink' : 'border-line'
            ]}
            style:width="{perBar}px">{bar}</span
          >
        {/each}
      </div>
      <div
        class="relative h-28 bg-sheet"
        role="listbox"
        aria-label="Figures of the routine"
        aria-orientation="horizontal"
      >
        {#each work?.blocks ?? [] as block, index (index)}
          <RibbonBlock
            {block}
            {index}
            join={work?.joins.find((j) => j.index === index)}
            left={(block.startBeat / (work?.beatsPerBar ?? 3)) * perBar}
            width={(block.beats / (work?.beatsPerBar ?? 3)) * perBar}
            onkey={(event) => onkeydown(event, index)}
            ondrag={() => (dragged = index)}
            ondropped={() => drop(index)}
          />
        {:else}
          <p class="p-4 text-soft">
            {work
              ? 'Empty. Choose the first figure at the right; what can follow is worked out from there.'
              : 'Working the routine out …'}
          </p>
        {/each}
      </div>
    </div>
  </div>
  <p class="mt-1 text-xs text-soft">
    <kbd>← →</kbd> choose · <kbd>Alt ← →</kbd> move · <kbd>Delete</kbd> remove · <kbd>c</kbd> corner before it ·
    <kbd>Enter</kbd> what can follow · or drag
  </p>
</section>
