<script lang="ts">
  import { many } from '$lib/ui/many';
  import Button from '$lib/ui/Button.svelte';
  import { clock } from '$lib/song/clock';
  import { getRoutineEditor } from '$lib/routine/routine-editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import ElementEnd from './ElementEnd.svelte';
  import FillList from './FillList.svelte';

  const editor = getRoutineEditor();
  const settings = getSettings();
  const index = $derived(editor.selected);
  const placed = $derived(editor.routine.figures[index]);
  const block = $derived(editor.work?.blocks[index]);
  const fall = $derived(editor.work?.fit?.falls[index]);
  const key = (use: { variant?: string | undefined; part?: string | undefined; otherFoot?: boolean }) =>
    [use.variant ?? '', use.part ?? '', use.otherFoot ?? false].join('|');
  /** How often the repeated steps are danced is chosen on its own. */
  const ways = $derived(
    [...new Map((block?.uses ?? []).toReversed().map((other) => [key(other.figure), other])).values()].toReversed()
  );
  const field = 'rounded-xs border border-line bg-raised px-1.5 py-0.5';
  const turns = $derived(editor.terms.endTurns);

  const often = $derived([placed?.times ?? 1].flat());

  function repeat(nth: number, times: number) {
    const all = (block?.stretches ?? []).map((_, i) => (i === nth ? times : (often[i] ?? 1)));
    editor.change(index, { times: all.length === 1 ? times : all });
  }

  function use(value: string) {
    const chosen = ways.find((other) => key(other.figure) === value);
    if (!chosen || !placed) return;
    const { note, accepted, options } = placed;
    editor.replace({ from: index, to: index }, [{ ...chosen.figure, note, accepted, options }]);
  }

  /** Switches an option on, and those off that cannot be danced with it. */
  function toggle(option: string) {
    const danced = placed?.options ?? [];
    const excluded = block?.options.find(({ id }) => id === option)?.excludes ?? [];
    const kept = danced.filter((other) => other !== option && !excluded.includes(other));
    const options = danced.includes(option) ? kept : [...kept, option];
    editor.change(index, { options });
  }
</script>

<section aria-label="This figure" class="flex flex-col gap-3 text-sm">
  {#if !placed || !block}
    <p class="text-soft">Choose a figure on the ribbon.</p>
  {:else}
    <div>
      <h2 class="text-base">{block.name}</h2>
      <p class="text-soft">
        bar {block.bar}, {many(block.beats, 'beat')}, begins at {clock(block.seconds)}{#if fall}; in the song {fall.bar}:{fall.beat},
          {fall.section}{/if}
      </p>
    </div>
    {#each block.cautions as caution, nth (nth)}
      <p class="border-l-4 border-accent pl-2">{settings.tell(caution, false)}</p>
    {/each}
    {#if block.missing}
      <p class="border-l-4 border-broken pl-2">{block.missing}. It keeps its place for a bar until then.</p>
    {/if}
    {#if placed.element !== undefined}
      <label class="flex items-center justify-between gap-3"
        >What it is <input
          class={[field, 'w-56']}
          maxlength="80"
          value={placed.element}
          oninput={(e) =>
            e.currentTarget.value.trim() && editor.change(index, { element: e.currentTarget.value }, `element${index}`)}
        /></label
      >
      <label class="flex items-center justify-between gap-3"
        >Beats <input
          class={[field, 'w-20 text-right']}
          type="number"
          min="1"
          max="128"
          step="0.5"
          value={placed.beats}
          onchange={(e) =>
            e.currentTarget.validity.valid && editor.change(index, { beats: Number(e.currentTarget.value) })}
        /></label
      >
      <ElementEnd {index} leaves={placed.leaves} />
      <p class="text-doubtful">
        Nobody has charted it: only its time {placed.leaves ? 'and its end count' : 'counts'}. Ask a qualified coach
        about lifts and supports; pain is a signal to stop.
      </p>
    {:else}
      {#if ways.length > 1}
        <label class="flex items-center justify-between gap-3"
          >Danced as <select
            class={[field, 'max-w-60']}
            value={key(placed)}
            onchange={(e) => use(e.currentTarget.value)}
          >
            {#each ways as other, nth (nth)}<option value={key(other.figure)}>{other.name}</option>{/each}
          </select></label
        >
      {/if}
      {#each block.stretches as stretch, nth (nth)}
        <label class="flex items-center justify-between gap-3"
          >Repeated steps {stretch.steps}, times
          <input
            class={[field, 'w-20 text-right']}
            type="number"
            min="1"
            max={stretch.most}
            value={often[nth] ?? 1}
            onchange={(e) => e.currentTarget.validity.valid && repeat(nth, Number(e.currentTarget.value))}
          /></label
        >
      {/each}
      {#if block.timings.length > 1}
        <label class="flex items-center justify-between gap-3"
          >Counted <select
            class={[field, 'max-w-60']}
            value={placed.timing ?? ''}
            onchange={(e) => editor.change(index, { timing: e.currentTarget.value || undefined })}
          >
            {#each block.timings as timing, nth (nth)}<option value={timing.id}>{timing.counts}</option>{/each}
          </select></label
        >
      {/if}
      <label class="flex items-center justify-between gap-3"
        >Turn at its end <select
          class={field}
          value={String(placed.lastTurn ?? 0)}
          onchange={(e) => editor.change(index, { lastTurn: Number(e.currentTarget.value) })}
        >
          {#each turns as turn (turn.sixteenths)}<option value={String(turn.sixteenths)}>{turn.words}</option>{/each}
          {#if placed.lastTurn && !turns.some((turn) => turn.sixteenths === placed.lastTurn)}<option
              value={String(placed.lastTurn ?? 0)}>{block.use}</option
            >{/if}
        </select></label
      >
      {#if block.endings.length > 0}
        <label class="flex items-center justify-between gap-3"
          >Near at its end <select
            class={field}
            value={placed.ending ?? ''}
            onchange={(e) =>
              editor.change(index, { ending: (e.currentTarget.value || undefined) as typeof placed.ending })}
          >
            <option value="">as charted</option>
            {#each block.endings as ending (ending.id)}<option value={ending.id}>{ending.words}</option>{/each}
          </select></label
        >
      {/if}
      {#if block.options.length > 0}
        <fieldset class="flex flex-col gap-1">
          <legend class="text-soft">As other schools dance it</legend>
          {#each block.options as option (option.id)}
            <label class="flex items-start gap-2" title={settings.tell(option.says, false)}
              ><input
                type="checkbox"
                class="mt-1"
                checked={(placed.options ?? []).includes(option.id)}
                onchange={() => toggle(option.id)}
              />{option.name}</label
            >
          {/each}
        </fieldset>
      {/if}
      {#if index > 0}<label class="flex items-center gap-2"
          ><input type="checkbox" checked={placed.corner} onchange={() => editor.toggleCorner(index)} /> after the corner,
          on the new line of dance</label
        >{/if}
      {#each block.splits as { first, second, words }, nth (nth)}
        <Button class="self-start" onclick={() => editor.replace({ from: index, to: index }, [first, second])}
          >{words}</Button
        >
      {/each}
    {/if}
    <label
      >Note on it <textarea
        rows="2"
        maxlength="500"
        class={[field, 'block w-full']}
        value={placed.note ?? ''}
        oninput={(e) => editor.change(index, { note: e.currentTarget.value }, `note${index}`)}
        onblur={() => editor.editor.settle()}></textarea></label
    >
    {#if block.after}
      <table class="w-full">
        <caption class="text-left text-soft">After it, what the next has to begin with</caption>
        <tbody>
          {#each [['man', block.after.man, block.after.manFree], ['lady', block.after.lady, block.after.ladyFree]].filter(([, feet]) => feet) as [role, alignment, free] (role)}
            <tr class="border-t border-line"
              ><th scope="row" class="py-0.5 text-left font-normal text-soft">{settings.role(role ?? '')}</th><td
                class="font-semibold">feet to {alignment}</td
              ><td>{free} free</td></tr
            >
          {/each}
          {#if block.after.position}<tr class="border-t border-line"
              ><th scope="row" class="py-0.5 text-left font-normal text-soft">both</th><td class="font-semibold"
                >{block.after.position}</td
              ><td>{block.after.hold}</td></tr
            >{/if}
          <tr class="border-t border-line"
            ><th scope="row" class="py-0.5 text-left font-normal text-soft">next</th><td>on beat {block.after.beat}</td
            ><td>{block.left} m of this side left</td></tr
          >
        </tbody>
      </table>
    {/if}
    <FillList />
  {/if}
</section>
