<script lang="ts">
  import type { Chart } from '$lib/api/client';
  import Button from '$lib/ui/Button.svelte';
  import { getFigureEditor } from '$lib/figure/figure-editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import AboutEdit from './AboutEdit.svelte';

  /** What belongs to a figure besides its rows: faults, cautions, names, neighbours, repeats, and what explains it. */
  const editor = getFigureEditor();
  const settings = getSettings();
  let editing = $state(false);
  let variant = $state('');
  let told = $state('');
  let keeping = $state(false);
  const chart = $derived<Chart>(editor.chart);
  const aids = $derived(editor.work.aids);

  function repeat(nth: number, often: number) {
    return editor.repeat(aids.repeats.map((_, i) => (i === nth ? often : (editor.repeats[i] ?? 1))));
  }
  /** In unsaved work what stands for an id may be a number. */
  const words = (id: string) => String(id).split('.')[1]?.replaceAll('-', ' ') ?? String(id);

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    if (keeping) return;
    keeping = true;
    told = await editor.keepAsVariant(variant.trim());
    keeping = false;
    if (told === '') variant = '';
  }

  function addCaution(text: string) {
    editor.change({ cautions: [...(chart.cautions ?? []), text] });
  }
</script>

{#snippet neighbours(label: string, ids: string[])}
  <p class="text-sm">
    <span class="text-soft">{label}:</span>
    {#each ids as id, i (i)}{i > 0 ? ', ' : ' '}<a
        class="underline decoration-line underline-offset-2 hover:decoration-accent"
        href="/figures/{id}">{words(id)}</a
      >{:else}&nbsp;none charted{/each}
  </p>
{/snippet}

<div class="mt-5 border-t border-line pt-3">
  <div class="mb-2 flex items-baseline gap-4">
    <p class="max-w-prose text-sm">{settings.tell(chart.summary, editor.view.own)}</p>
    <Button class="ml-auto" disabled={editor.locked} aria-expanded={editing} onclick={() => (editing = !editing)}
      >{editing ? 'Done' : 'Edit what is said'}</Button
    >
  </div>
  {#if editing}
    <AboutEdit />
  {:else}
    <div class="grid gap-5 md:grid-cols-3">
      <section>
        <h2 class="mb-1 text-base">Usual faults</h2>
        {#each chart.faults ?? [] as fault, nth (nth)}
          <p class="mb-2 text-sm">
            <span class="font-semibold">{settings.tell(fault.seen, editor.view.own)}.</span>
            {settings.tell(fault.cause, editor.view.own)}.
            <span class="text-accent">“{settings.tell(fault.cue, editor.view.own)}.”</span>
            {#if fault.detail}<span class="text-xs text-soft">{fault.detail}</span>{/if}
          </p>
        {:else}
          <p class="text-sm text-soft">None charted.</p>
        {/each}
      </section>
      <section>
        <h2 class="mb-1 text-base">Cautions</h2>
        {#each chart.cautions ?? [] as caution, nth (nth)}
          <p class="mb-2 text-sm">{settings.tell(caution, editor.view.own)}</p>
        {/each}
        {#each aids.cautions as caution, nth (nth)}
          <p class="mb-2 text-sm">
            <span class="text-doubtful">Proposed:</span>
            {settings.tell(caution, editor.view.own)}
            {#if !editor.locked}<Button kind="quiet" onclick={() => addCaution(caution)}>Say it</Button>{/if}
          </p>
        {/each}
        <p class="text-sm text-soft">
          Warm up, take shoes that let the foot turn, and mind the space around. Pain is a signal to stop. The
          organiser's rules and a licensed professional's advice come first.
        </p>
      </section>
      <section>
        <h2 class="mb-1 text-base">How it joins and repeats</h2>
        {@render neighbours('Before it', chart.precedes ?? [])}
        {@render neighbours('After it', chart.follows ?? [])}
        {#if aids.atItsEnd}<p class="text-sm">
            <span class="text-soft">At its end:</span>
            {settings.say(aids.atItsEnd)}
          </p>{/if}
        {#each aids.positionChanges as change, i (i)}<p class="amount text-sm">{settings.say(change)}</p>{/each}
        {#each aids.repeats as stretch, nth (nth)}
          {@const fitting = stretch.ways.filter((way) => way.fits)}
          <p class="mt-1 text-sm">
            <span class="text-soft">Repeated {stretch.steps}:</span>
            <select
              aria-label="How often the repeated steps {stretch.steps} are drawn"
              class="rounded-xs border border-line bg-raised px-1 py-0.5"
              value={editor.repeats[nth] ?? 1}
              onchange={(e) => void repeat(nth, Number(e.currentTarget.value))}
            >
              {#each stretch.ways as way (way.times)}<option value={way.times}>{way.times} × ({way.bars})</option
                >{/each}
            </select>
            drawn.
          </p>
          {#if fitting.length > 0}
            <p class="text-sm text-soft">
              Whole bars: {fitting.map((way) => way.times).join(', ')}.
              {#each [...new Set(fitting.map((way) => way.manFree))].sort() as foot (foot)}
                {@const times = fitting.filter((way) => way.manFree === foot).map((way) => way.times)}
                {#if times.length > 0 && foot !== ''}{settings.Role('man')}'s {foot}F free after {times.join(', ')}.
                {/if}
              {/each}
            </p>
          {/if}
        {/each}
        {#if chart.parts?.length || chart.variants?.length}
          <p class="mt-1 text-sm">
            <span class="text-soft">Parts and variants:</span>
            {[...(chart.parts ?? []).map((p) => p.steps), ...(chart.variants ?? []).map((v) => v.name)].join(', ')}
          </p>
        {/if}
        {#if editor.changed && !editor.locked && editor.problems.length === 0}
          <form onsubmit={keep} class="mt-2 flex flex-wrap items-center gap-1.5 text-sm">
            <input
              bind:value={variant}
              required
              maxlength="100"
              aria-label="Name of the variant"
              placeholder="underturned, other ending…"
              class="w-44 rounded-xs border border-line bg-raised px-1.5 py-0.5"
            />
            <Button type="submit" title="The rows you changed become a variant; the saved rows come back"
              >Keep as a variant</Button
            >
            {#if told}<span role="alert" class="text-broken">{told}</span>{/if}
          </form>
        {/if}
      </section>
    </div>
  {/if}
</div>
