<script lang="ts">
  import type { FigureSummary } from '$lib/api/client';

  interface Props {
    label: string;
    prompt: string;
    /** What is said of a figure that is taken away again. */
    without: string;
    figures: FigureSummary[];
    chosen: string[];
    most?: number;
  }

  let { label, prompt, without, figures, chosen = $bindable(), most = 50 }: Props = $props();
  const named = $derived(new Map(figures.map((figure) => [figure.id, figure.name])));
</script>

<label
  >{label}
  <select
    value=""
    disabled={chosen.length >= most}
    onchange={(event) => {
      chosen = [...chosen, event.currentTarget.value];
      event.currentTarget.value = '';
    }}
    class="rounded-xs border border-line bg-raised px-1.5 py-1 text-sm"
  >
    <option value="">{prompt}</option>
    {#each figures.filter((figure) => !chosen.includes(figure.id)) as figure (figure.id)}<option value={figure.id}
        >{figure.name}</option
      >{/each}
  </select></label
>
{#each chosen as id (id)}
  <button
    type="button"
    class="rounded-xs border border-accent px-1.5 text-accent"
    aria-label="{named.get(id)}: {without}"
    onclick={() => (chosen = chosen.filter((other) => other !== id))}>{named.get(id)} ×</button
  >
{/each}
