<script lang="ts">
  import { polyfill } from 'mobile-drag-drop';
  import 'mobile-drag-drop/default.css';
  import { onMount } from 'svelte';
  import Button from '$lib/ui/Button.svelte';
  import { getRoutineEditor } from '$lib/routine/routine-editor.svelte';
  import RibbonBlock from './RibbonBlock.svelte';
  import SongStrip from './SongStrip.svelte';

  // A finger drags what a mouse drags, once it has rested on a block; before that it scrolls the ribbon.
  onMount(() => {
    const forceApply = navigator.maxTouchPoints > 0;
    polyfill({ holdToDrag: HOLD_MILLISECONDS, forceApply });
  });

  const editor = getRoutineEditor();
  const work = $derived(editor.work);
  const HOLD_MILLISECONDS = 250;
  const ZOOMS = [0.5, 0.75, 1, 1.5, 2, 3];
  let width = $state(1100);
  let zoom = $state(2);
  let dragged = $state(-1);
  /** The block that is to have the focus, from 0. */
  let wanted = $state(-1);
  const beatsPerBar = $derived(work?.beatsPerBar ?? 3);
  const phrase = $derived(editor.routine.phraseBars ?? 8);
  const bars = $derived(Math.max(8, Math.ceil((work?.bars ?? 0) + (work?.blocks[0]?.startBeat ?? 0) / beatsPerBar)));
  const perBar = $derived(Math.max(84, Math.floor(width / Math.max(bars, 16))) * (ZOOMS[zoom] ?? 1));
  /** Where in the bar the figures of the dance begin: on the second beat in rumba. */
  const lead = $derived((work?.blocks.find((block) => block.figure)?.startBeat ?? 0) % beatsPerBar);
  const numbers = $derived(Array.from({ length: bars }, (_, i) => i + 1));

  function focusBlock(index: number, extend = false) {
    editor.select(index, extend);
    wanted = editor.selected;
  }

  // A block put in is drawn only when it has been worked out, so the focus may have to wait for it.
  $effect(() => {
    if (wanted < 0 || (work?.blocks.length ?? 0) <= wanted) return;
    document.querySelector<HTMLElement>(`[data-block="${wanted}"]`)?.focus();
    wanted = -1;
  });

  /** What gets the focus is meant, unless a click has brought it, which chooses for itself, alone or with others. */
  function onfocus(index: number) {
    if (index < editor.span.from || index > editor.span.to) editor.select(index);
  }

  const COMMANDS: Record<string, () => void> = {
    a: () => editor.selectAll(),
    c: () => editor.copy(),
    d: () => editor.repeat(),
    v: () => editor.paste(),
    x: () => editor.cut()
  };

  function onkeydown(event: KeyboardEvent, index: number) {
    const last = editor.routine.figures.length - 1;
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    const command = event.ctrlKey || event.metaKey ? COMMANDS[event.key.toLowerCase()] : undefined;
    if (command) {
      command();
      focusBlock(editor.selected, true);
    } else if (event.ctrlKey || event.metaKey) {
      return;
    } else if (by && event.altKey) {
      editor.shift(by);
      focusBlock(editor.selected, true);
    } else if (by) {
      focusBlock(Math.max(0, Math.min(index + by, last)), event.shiftKey);
    } else if (event.key === 'Home') {
      focusBlock(0, event.shiftKey);
    } else if (event.key === 'End') {
      focusBlock(last, event.shiftKey);
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
      editor.remove(editor.span);
      focusBlock(editor.selected);
    } else if (event.key === 'o') {
      editor.otherSide();
      focusBlock(editor.selected, true);
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
    if (dragged >= 0 && dragged !== target) editor.carry(dragged, target);
    dragged = -1;
  }
</script>

<section aria-label="Ribbon of bars" bind:clientWidth={width}>
  <div class="overflow-x-auto pb-1">
    <div class="relative" style:width="{bars * perBar}px">
      {#if work?.fit}<SongStrip fit={work.fit} danced={work.bars} {bars} {perBar} {beatsPerBar} />{/if}
      <div class="flex text-xs text-soft" aria-hidden="true">
        {#each numbers as bar (bar)}
          <span
            class={[
              'shrink-0 border-l pl-1',
              (bar - 1) % phrase === 0
                ? 'border-l-2 border-ink font-bold text-ink'
                : (bar - 1) % 4 === 0
                  ? 'border-strong text-ink'
                  : 'border-line'
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
        aria-multiselectable="true"
      >
        {#each work?.blocks ?? [] as block, index (index)}
          <RibbonBlock
            {block}
            {index}
            join={work?.joins.find((j) => j.index === index)}
            left={(block.startBeat / beatsPerBar) * perBar}
            width={(block.beats / beatsPerBar) * perBar}
            halfBar={block.figure !== undefined && (block.startBeat - lead) % beatsPerBar !== 0}
            onpick={(extend) => editor.select(index, extend)}
            onkey={(event) => onkeydown(event, index)}
            onfocus={() => onfocus(index)}
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
  <div class="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1 text-xs text-soft">
    <span class="flex items-center gap-1" role="group" aria-label="Selected figures">
      <Button class="px-1.5 py-0 text-xs" title="Ctrl+X" onclick={() => editor.cut()}>Cut</Button>
      <Button class="px-1.5 py-0 text-xs" title="Ctrl+C" onclick={() => editor.copy()}>Copy</Button>
      <Button
        class="px-1.5 py-0 text-xs"
        title="Ctrl+V"
        disabled={editor.clipboard.length === 0}
        onclick={() => editor.paste()}>Paste</Button
      >
      <Button class="px-1.5 py-0 text-xs" title="Ctrl+D" onclick={() => editor.repeat()}>Repeat</Button>
      <Button
        class="px-1.5 py-0 text-xs"
        title="The selected figures once more, begun on the other foot and to the other side (o)"
        onclick={() => editor.otherSide()}>Other side</Button
      >
    </span>
    <span class="flex items-center gap-1" role="group" aria-label="Zoom">
      <Button class="px-1.5 py-0 text-xs" aria-label="Narrower bars" disabled={zoom === 0} onclick={() => zoom--}
        >−</Button
      >
      <Button
        class="px-1.5 py-0 text-xs"
        aria-label="Wider bars"
        disabled={zoom === ZOOMS.length - 1}
        onclick={() => zoom++}>+</Button
      >
    </span>
    <span
      ><kbd>← →</kbd> choose, with <kbd>Shift</kbd> several · <kbd>Alt ← →</kbd> move · <kbd>Delete</kbd> remove ·
      <kbd>c</kbd> corner before it · <kbd>Enter</kbd> what can follow · or drag</span
    >
  </div>
</section>
