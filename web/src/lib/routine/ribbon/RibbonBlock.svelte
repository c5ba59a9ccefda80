<script lang="ts">
  import { many } from '$lib/ui/many';
  import type { Join, Schemas } from '$lib/api/client';
  import { getRoutineEditor } from '$lib/routine/routine-editor.svelte';

  interface Props {
    block: Schemas['BlockView'];
    index: number;
    join: Join | undefined;
    left: number;
    width: number;
    /** Whether it begins within a bar. */
    halfBar: boolean;
    onpick: (extend: boolean) => void;
    onkey: (event: KeyboardEvent) => void;
    /** It has got the focus otherwise than by a click. */
    onfocus: () => void;
    ondrag: () => void;
    ondropped: () => void;
  }

  let { block, index, join, left, width, halfBar, onpick, onkey, onfocus, ondrag, ondropped }: Props = $props();
  const editor = getRoutineEditor();
  let pointed = false;
  const selected = $derived(index >= editor.span.from && index <= editor.span.to);
  const placed = $derived(editor.routine.figures[index]);
  const free = $derived(block.figure === undefined);
  const narrow = $derived(width < 110);
  const broken = $derived(join !== undefined && join.verdict !== 'yes');
  const accepted = $derived(broken && Boolean(join?.accepted));
  const joined = $derived(
    join === undefined
      ? ''
      : join.verdict === 'yes'
        ? 'joins the figure before'
        : join.verdict === 'yes-if'
          ? 'joins if adjusted'
          : accepted
            ? 'does not join, accepted'
            : 'cannot join the figure before'
  );
</script>

<div
  role="option"
  tabindex={editor.selected === index || (editor.selected < 0 && index === 0) ? 0 : -1}
  aria-selected={selected}
  aria-label="{index + 1}: {block.name}, bar {block.bar}{block.missing
    ? ', not in the library'
    : free
      ? ''
      : `, ${block.begins} to ${block.ends}`}{joined ? `, ${joined}` : ''}"
  data-block={index}
  draggable="true"
  ondragstart={ondrag}
  ondragenter={(event) => event.preventDefault()}
  ondragover={(event) => event.preventDefault()}
  ondrop={(event) => {
    event.preventDefault();
    ondropped();
  }}
  onclick={(event) => {
    pointed = false;
    onpick(event.shiftKey);
  }}
  onkeydown={onkey}
  onpointerdown={() => (pointed = true)}
  ondragend={() => (pointed = false)}
  onfocus={() => {
    if (!pointed) onfocus();
  }}
  class={[
    'absolute inset-y-1 cursor-grab overflow-hidden border-t-4 py-1 pr-0.5 pl-3.5 text-left',
    block.missing ? 'border-dashed bg-broken-tint' : free ? 'border-dashed bg-tint' : 'bg-raised',
    selected ? 'z-10 border-accent outline-2 outline-accent' : 'border-strong'
  ]}
  style:left="{left + 1}px"
  style:width="{width - 2}px"
>
  <span
    class={[
      'block font-display leading-[1.05] font-semibold [overflow-wrap:anywhere] hyphens-auto',
      narrow ? 'text-[0.72rem]' : 'text-[0.98rem]'
    ]}>{block.name}</span
  >
  {#if block.missing}<span
      class="mt-0.5 block text-[0.7rem] leading-tight font-semibold text-broken"
      title={block.missing}>not in the library</span
    >
  {:else if free}<span class="mt-0.5 block text-[0.7rem] leading-tight text-soft"
      >free, {many(block.beats, 'beat')}</span
    >
  {:else}<span class="mt-0.5 block text-[0.7rem] leading-tight text-soft"
      >{#if !narrow}{block.begins}{/if} → {block.ends}</span
    >{/if}
  {#if block.use}<span class="block text-[0.7rem] leading-tight text-accent">{block.use}</span>{/if}
  {#if block.corner}<span
      class="absolute inset-x-3 bottom-0 bg-accent px-1 text-[0.68rem] leading-4 font-semibold text-on-accent"
      title="begins on the new line of dance">corner</span
    >{/if}
  {#if halfBar}<span class="absolute right-0.5 bottom-0 text-[0.68rem] text-soft" title="begins within the bar">½</span
    >{/if}
  {#if placed?.note}<span
      class="absolute right-1 bottom-4 size-1.5 rounded-full bg-accent"
      title={placed.note}
      aria-hidden="true"
    ></span>{/if}
  {#if block.openFindings > 0}<span
      class="absolute right-1 bottom-0.5 text-xs font-semibold text-broken"
      title="its chart has broken findings">▲{block.openFindings}</span
    >{/if}
  {#if join}
    <span
      class={[
        'absolute inset-y-0 left-0 flex w-3 items-center justify-center text-xs font-bold',
        accepted
          ? 'border-r border-doubtful bg-doubtful-tint text-doubtful'
          : broken
            ? join.verdict === 'no'
              ? 'bg-broken text-sheet'
              : 'bg-doubtful text-sheet'
            : 'bg-sound-tint text-sound'
      ]}
      aria-hidden="true">{accepted ? '≈' : join.verdict === 'yes' ? '·' : join.verdict === 'yes-if' ? '?' : '!'}</span
    >
  {/if}
</div>
