<script lang="ts">
  import { api, need } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { getFigureEditor } from '$lib/figure/figure-editor.svelte';
  import FigurePick from '$lib/library/FigurePick.svelte';

  /** Figures customarily danced before or after, found by name. */
  let { label, key }: { label: string; key: 'precedes' | 'follows' } = $props();
  const editor = getFigureEditor();
  const ids = $derived(editor.chart[key] ?? []);
  const figures = loaded(
    () => editor.chart.dance,
    (dance) => need(api.GET('/api/figures', { params: { query: { dance } } }))
  );
  // An id that is not charted is shown as it is.
  const nameOf = $derived(new Map((figures.current ?? []).map((figure) => [figure.id, figure.name])));
</script>

<section class="text-sm" aria-label={label}>
  <h2 class="text-base">{label}</h2>
  <ul class="my-1 flex flex-wrap gap-1">
    {#each ids as id (id)}
      <li>
        <button
          type="button"
          class="rounded-xs border border-line px-1.5 hover:border-accent"
          aria-label="Take away {nameOf.get(id) ?? id}"
          onclick={() => editor.change({ [key]: ids.filter((other) => other !== id) })}>{nameOf.get(id) ?? id} ×</button
        >
      </li>
    {:else}<li class="text-soft">none named</li>{/each}
  </ul>
  <FigurePick
    label="Add: {label.toLowerCase()}"
    value=""
    name=""
    onpick={(id) => !ids.includes(id) && editor.change({ [key]: [...ids, id] })}
  />
</section>
