<script lang="ts">
  import type { FigureSummary } from '$lib/api/client';
  import { untrack } from 'svelte';
  import type { ListEditor } from './list-editor.svelte';

  interface Props {
    editor: ListEditor;
    figures: FigureSummary[];
  }

  let { editor, figures }: Props = $props();
  /** As it stood when the page was opened, so that a row stays under the hand that moves it. */
  const places = untrack(
    () => new Map(editor.levels.flatMap((level) => level.figures).map((id, place) => [id, place]))
  );
  const stable = $derived(
    [...figures].sort((a, b) => (places.get(a.id) ?? Infinity) - (places.get(b.id) ?? Infinity) || 0)
  );
</script>

<table class="w-full text-sm">
  <thead>
    <tr class="border-b-2 border-ink text-left">
      <th scope="col" class="py-1 font-display text-base font-bold">Figure</th>
      {#each editor.levels as level, nth (nth)}<th scope="col" class="w-24 px-1 text-center font-semibold"
          >{level.name}<span class="amount block text-xs font-normal text-soft"
            >{figures.filter((f) => level.figures.includes(f.id)).length}</span
          ></th
        >{/each}
      <th scope="col" class="w-24 px-1 text-center font-normal text-soft">on none</th>
    </tr>
  </thead>
  <tbody>
    {#each stable as figure (figure.id)}
      {@const at = editor.levelOf(figure.id)}
      <tr class="border-b border-line hover:bg-sheet">
        <th scope="row" class="py-0.5 text-left font-normal"
          ><a href="/figures/{figure.id}" class="font-display text-base font-semibold hover:text-accent"
            >{figure.name}</a
          >
          <span class="ml-1 text-xs text-soft">{figure.bars}</span></th
        >
        {#each [...editor.levels.map((level) => level.name), null] as level, i (i)}
          <td class={['px-1 text-center', at === level && 'bg-tint']}>
            <input
              type="radio"
              name={figure.id}
              checked={at === level}
              disabled={editor.starter}
              onchange={() => editor.place(figure.id, level)}
              aria-label="{figure.name}: {level ?? 'on no level'}"
              class="size-4 accent-(--color-accent)"
            />
          </td>
        {/each}
      </tr>
    {/each}
  </tbody>
</table>
