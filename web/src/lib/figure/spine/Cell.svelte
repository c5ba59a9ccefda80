<script lang="ts">
  import type { RoleName, Word } from '$lib/api/client';
  import { getFigureEditor, type Column } from '$lib/figure/figure-editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import { completions, expanded } from './completion';

  interface Props {
    role: RoleName;
    index: number;
    column: Column;
    words: readonly Word[];
    /** What is said of the column in its label. */
    name: string;
    big?: boolean;
    /** The cell above or below, for the arrow keys. */
    onvertical: (by: number) => void;
  }

  let { role, index, column, words, name, big = false, onvertical }: Props = $props();
  const editor = getFigureEditor();
  const settings = getSettings();
  const id = $props.id();

  let open = $state(false);
  let typed = $state(false);
  let picked = $state(-1);
  const value = $derived(editor.cell(role, index, column));
  const problem = $derived(editor.problemAt(role, index, column));
  const offers = $derived(open ? completions(words, typed ? value : '', 8) : []);

  function commit(text: string) {
    if (editor.locked) return;
    const full = expanded(words, text);
    if (full !== value) editor.setCell(role, index, column, full);
    editor.settle();
    open = false;
    typed = false;
    picked = -1;
  }

  function onkeydown(event: KeyboardEvent) {
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault();
      const by = event.key === 'ArrowDown' ? 1 : -1;
      if (open && offers.length > 0) picked = (picked + by + offers.length) % offers.length;
      else onvertical(by);
    } else if (event.key === 'Enter') {
      event.preventDefault();
      commit(open && picked >= 0 ? (offers[picked]?.text ?? value) : value);
      onvertical(1);
    } else if (event.key === 'Escape' && open) {
      event.stopPropagation();
      open = false;
    } else if (event.key === ' ' && event.ctrlKey && !editor.locked) {
      event.preventDefault();
      open = true;
    }
  }
</script>

<span class={['relative inline-block', column === 'place' && 'max-w-full']}>
  <input
    title={value.length > 24 ? value : undefined}
    {value}
    aria-label="{settings.Role(role)} {index + 1} {name}"
    aria-invalid={problem ? true : undefined}
    aria-describedby={problem ? `problem-${id}` : undefined}
    role="combobox"
    aria-expanded={open && offers.length > 0}
    aria-controls="offers-{id}"
    aria-activedescendant={picked >= 0 ? `offer-${id}-${picked}` : undefined}
    autocomplete="off"
    spellcheck="false"
    data-cell="{role}-{index}-{column}"
    readonly={editor.locked}
    placeholder={column === 'align' || column === 'turn' || column === 'work' || column === 'rise' ? name : '·'}
    class={[
      'cell rounded-xs border border-transparent bg-transparent px-0.5 leading-5 placeholder:text-strong/60 hover:border-line focus:border-accent focus:bg-raised focus:outline-none',
      big ? 'font-semibold' : 'text-[0.86rem]',
      column === 'place' && 'fits',
      problem && 'underline decoration-broken decoration-wavy'
    ]}
    oninput={(event) => {
      editor.setCell(role, index, column, event.currentTarget.value);
      open = true;
      typed = true;
      picked = -1;
    }}
    onfocus={(event) => {
      editor.focus = { role, step: index + 1 };
      event.currentTarget.select();
    }}
    onblur={() => commit(value)}
    {onkeydown}
  />
  {#if problem}
    <span
      id="problem-{id}"
      role="alert"
      class="absolute top-full left-0 z-30 w-72 rounded-xs border border-broken bg-raised p-1.5 text-left text-xs text-broken shadow"
      >{settings.say(problem)}</span
    >
  {/if}
  <span
    id="offers-{id}"
    role="listbox"
    aria-label="Completions"
    hidden={!(open && offers.length > 0) || (!!problem && offers.length === 0)}
    class="absolute top-full left-0 z-30 min-w-40 rounded-xs border border-strong bg-raised py-0.5 text-left shadow-lg"
  >
    {#each offers as offer, i (i)}
      <span
        id="offer-{id}-{i}"
        role="option"
        tabindex="-1"
        aria-selected={i === picked}
        class={['flex cursor-pointer gap-3 px-2 py-0.5 text-sm whitespace-nowrap', i === picked && 'bg-tint']}
        onpointerdown={(event) => {
          event.preventDefault();
          commit(offer.text);
        }}><kbd class="w-8 text-soft">{offer.code}</kbd>{offer.text}</span
      >
    {/each}
  </span>
</span>

<style>
  .cell {
    field-sizing: content;
    min-width: 1.4rem;
    max-width: 19rem;
  }

  /* Long placements end before the menu of the row; the whole text is in the title. */
  .fits {
    max-width: min(19rem, 100%);
    text-overflow: ellipsis;
  }
</style>
