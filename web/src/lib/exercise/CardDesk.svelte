<script lang="ts">
  import { goto } from '$app/navigation';
  import type { Schemas } from '$lib/api/client';
  import { Editor } from '$lib/editing/editor.svelte';
  import EditorBar from '$lib/editing/EditorBar.svelte';
  import NameField from '$lib/editing/NameField.svelte';
  import Button from '$lib/ui/Button.svelte';
  import DancesField from './DancesField.svelte';
  import LinesField from './LinesField.svelte';

  let { view, dances }: { view: Schemas['CardKept']; dances: Schemas['DanceView'][] } = $props();
  // The desk is made anew for every card.
  // svelte-ignore state_referenced_locally
  const editor = new Editor('card', view);
  void editor.recover();
  const card = $derived(editor.state);
  const field = 'rounded-xs border border-strong bg-raised px-2 py-1';
  type Point = (typeof card.points)[number];

  function point(nth: number, change: Partial<Point>) {
    const next = { ...card.points[nth]!, ...change };
    if (next.about.trim() && next.text.trim()) editor.describe({ points: card.points.with(nth, next) }, `point ${nth}`);
  }
</script>

<h1 class="sr-only">{card.name}</h1>
<header class="mb-4 flex flex-wrap items-end gap-4 border-b-2 border-ink pb-2">
  <NameField {editor} />
  <EditorBar {editor} onremoved={() => void goto('/drills?of=cards')} />
</header>
<div class="grid gap-8 lg:grid-cols-[1.5fr_1fr]">
  <section aria-label="From head to feet">
    <label class="mb-2 flex items-baseline gap-2"
      ><span class="font-display text-lg">Hold</span>
      <input
        value={card.hold}
        maxlength="120"
        oninput={(e) => e.currentTarget.value.trim() && editor.describe({ hold: e.currentTarget.value })}
        class="{field} grow"
      /></label
    >
    <ol class="border-t border-line">
      {#each card.points as one, nth (nth)}
        <li class="grid gap-2 border-b border-line py-1.5 sm:grid-cols-[10rem_1fr_auto]">
          <input
            aria-label="About, point {nth + 1}"
            value={one.about}
            maxlength="60"
            oninput={(e) => point(nth, { about: e.currentTarget.value })}
            class="self-start border-b border-transparent bg-transparent font-semibold hover:border-line"
          />
          <textarea
            aria-label="What is wanted, {one.about}"
            rows="2"
            maxlength="600"
            value={one.text}
            oninput={(e) => point(nth, { text: e.currentTarget.value })}
            class="border border-transparent bg-transparent text-sm hover:border-line"></textarea>
          <Button
            kind="quiet"
            aria-label="Take out {one.about}"
            onclick={() => editor.describe({ points: card.points.filter((_, other) => other !== nth) })}>×</Button
          >
        </li>
      {/each}
    </ol>
    <p class="mt-1">
      <Button
        kind="quiet"
        onclick={() =>
          editor.describe({ points: [...card.points, { about: 'Something more', text: 'what is wanted' }] })}
        >Add a point</Button
      >
    </p>
  </section>
  <div class="flex flex-col gap-4">
    {#each [['side', 'From the side'], ['behind', 'From behind']] as const as [key, label] (key)}
      <label class="flex flex-col gap-1"
        ><span class="font-display text-lg">{label}</span>
        <textarea
          rows="3"
          maxlength="600"
          value={card[key] ?? ''}
          oninput={(e) => editor.describe({ [key]: e.currentTarget.value })}
          class="{field} text-sm"></textarea></label
      >
    {/each}
    <LinesField
      label="Positions"
      hint="couple positions it is about, one on each line; plans propose it where a figure begins so"
      value={card.positions ?? []}
      onchange={(positions) => editor.describe({ positions })}
    />
    <LinesField
      label="Holds"
      hint="closed contact, closed no contact, double, L-R …"
      value={card.holds ?? []}
      onchange={(holds) => editor.describe({ holds })}
    />
    <LinesField
      label="Cautions"
      value={card.cautions}
      required
      hint="at least one"
      onchange={(cautions) => editor.describe({ cautions })}
    />
    <DancesField {dances} value={card.dances ?? []} onpick={(ids) => editor.describe({ dances: ids })} />
  </div>
</div>
