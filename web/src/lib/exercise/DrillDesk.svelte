<script lang="ts">
  import { goto } from '$app/navigation';
  import type { Schemas } from '$lib/api/client';
  import { Editor } from '$lib/editing/editor.svelte';
  import EditorBar from '$lib/editing/EditorBar.svelte';
  import NameField from '$lib/editing/NameField.svelte';
  import { without } from '$lib/editing/without';
  import FigurePick from '$lib/library/FigurePick.svelte';
  import SwitchRow from '$lib/ui/SwitchRow.svelte';
  import DancesField from './DancesField.svelte';
  import Into from './Into.svelte';
  import LinesField from './LinesField.svelte';

  let { view, dances }: { view: Schemas['DrillKept']; dances: Schemas['DanceView'][] } = $props();
  // The desk is made anew for every drill.
  // svelte-ignore state_referenced_locally
  const editor = new Editor('drill', view);
  void editor.recover();
  const drill = $derived(editor.state);
  const field = 'rounded-xs border border-strong bg-raised px-2 py-1';

  function number(key: 'repeats' | 'minutes', text: string, most: number) {
    const wanted = Number(text);
    if (Number.isInteger(wanted) && wanted >= 1 && wanted <= most) editor.describe({ [key]: wanted });
  }

  function tempo(text: string) {
    const rest = without(drill, 'tempo');
    const wanted = Number(text);
    editor.change(text.trim() && wanted > 0 && wanted <= 400 ? { ...rest, tempo: wanted } : rest, 'tempo');
  }

  function loop(id: string) {
    const rest = without(drill, 'loop');
    editor.change(id ? { ...rest, loop: id } : rest);
  }
</script>

<h1 class="sr-only">{drill.name}</h1>
<header class="mb-4 flex flex-wrap items-end gap-4 border-b-2 border-ink pb-2">
  <NameField {editor} />
  <EditorBar {editor} onremoved={() => void goto('/drills')}>
    {#snippet main()}<Into id={editor.id} {drill} />{/snippet}
  </EditorBar>
</header>
<div class="grid gap-8 md:grid-cols-2">
  <div class="flex flex-col gap-4">
    <label class="flex flex-col gap-1"
      ><span class="font-display text-lg">What it is for</span>
      <textarea
        rows="2"
        maxlength="600"
        value={drill.purpose}
        oninput={(e) => e.currentTarget.value.trim() && editor.describe({ purpose: e.currentTarget.value })}
        class="{field} text-sm"></textarea></label
    >
    <LinesField label="What is done" value={drill.steps ?? []} onchange={(steps) => editor.describe({ steps })} />
    <LinesField
      label="Against"
      hint="what is seen where it helps, a few words on each line; plans propose it then"
      value={drill.against ?? []}
      onchange={(against) => editor.describe({ against })}
    />
    <LinesField
      label="Cautions"
      value={drill.cautions}
      required
      hint="at least one"
      onchange={(cautions) => editor.describe({ cautions })}
    />
  </div>
  <div class="flex flex-col gap-4">
    <div class="flex flex-wrap items-end gap-3 text-sm">
      <SwitchRow
        label="Who"
        value={drill.who ?? 'alone'}
        options={[
          { value: 'alone', label: 'Alone' },
          { value: 'couple', label: 'Couple' }
        ]}
        onpick={(who) => editor.describe({ who: who as 'alone' | 'couple' })}
      />
      <label class="flex flex-col gap-1"
        >Count <input
          value={drill.count ?? ''}
          maxlength="120"
          oninput={(e) => editor.describe({ count: e.currentTarget.value })}
          class="{field} w-32"
        /></label
      >
      <label class="flex flex-col gap-1"
        >Beats a minute <input
          type="number"
          min="1"
          max="400"
          value={drill.tempo ?? ''}
          onchange={(e) => tempo(e.currentTarget.value)}
          class="{field} w-24"
        /></label
      >
      <label class="flex flex-col gap-1"
        >Repeats <input
          type="number"
          min="1"
          max="200"
          value={drill.repeats ?? 1}
          onchange={(e) => number('repeats', e.currentTarget.value, 200)}
          class="{field} w-20"
        /></label
      >
      <label class="flex flex-col gap-1"
        >Minutes <input
          type="number"
          min="1"
          max="120"
          value={drill.minutes ?? 3}
          onchange={(e) => number('minutes', e.currentTarget.value, 120)}
          class="{field} w-20"
        /></label
      >
    </div>
    <DancesField {dances} value={drill.dances ?? []} onpick={(ids) => editor.describe({ dances: ids })} />
    <div>
      <p class="mb-1 font-display text-lg">A figure that it repeats</p>
      <FigurePick label="A figure that it repeats" value={drill.loop ?? ''} name={drill.loop ?? ''} onpick={loop} />
      {#if drill.loop}<p class="mt-1 text-sm">
          <a class="text-accent underline" href="/rehearse?figure={drill.loop}">Dance it</a>
        </p>{/if}
    </div>
  </div>
</div>
