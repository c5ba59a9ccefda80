<script lang="ts">
  import { api, need, type RoleName } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Dialog from '$lib/ui/Dialog.svelte';
  import { getFigureEditor } from '$lib/figure/figure-editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  let { open = $bindable() }: { open: boolean } = $props();
  const editor = getFigureEditor();
  const settings = getSettings();
  const EXAMPLE = '1 r f fdw br ht e y\n2 s bdc 2r t c - r\n3 c bl 1r th cl - r';
  let text = $state('');
  let role = $state<RoleName>('man');
  let behind = $state(false);
  const table = $derived(text.includes('\t'));

  const read = (typed: string, of: RoleName) =>
    typed.trim() === ''
      ? Promise.resolve({ man: [], lady: [], problems: [] })
      : need(
          api.POST('/api/proposals/rows', {
            body: { text: typed, role: of, dance: editor.chart.dance, table: typed.includes('\t') }
          })
        );
  const looked = loaded(
    () => ({ text, role }),
    (typed) => read(typed.text, typed.role)
  );
  const problems = $derived(looked.current?.problems ?? []);
  const rows = $derived({ man: looked.current?.man ?? [], lady: looked.current?.lady ?? [] });

  async function take() {
    await looked.again();
    if (problems.length > 0 || rows.man.length + rows.lady.length === 0) return;
    let chart = editor.chart;
    for (const each of ['man', 'lady'] as const) {
      if (rows[each].length === 0) continue;
      chart = { ...chart, [each]: behind ? [...(chart[each] ?? []), ...rows[each]] : rows[each] };
    }
    editor.take(chart, `${rows.man.length + rows.lady.length} rows taken.`);
    text = '';
    open = false;
  }

  function onkeydown(event: KeyboardEvent) {
    if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
      event.preventDefault();
      void take();
    }
  }
</script>

<Dialog bind:open title="Type steps, or paste rows from a spreadsheet" wide>
  <p class="mb-2 text-sm text-soft">
    One line a step, in short codes from left to right: count, foot, placement, alignment, turn, footwork, rise, CBM,
    sway. The foot may be left out after the first line, <kbd>-</kbd> leaves a column out, <kbd>|</kbd> goes over to the partner.
    Rows pasted with tabs may have headings such as “man foot”.
  </p>
  <div class="mb-2 flex flex-wrap gap-4 text-sm">
    <label
      >lines are the
      <select bind:value={role} class="rounded-xs border border-strong bg-raised px-1 py-0.5">
        <option value="man">{settings.role('man')}'s</option>
        <option value="lady">{settings.role('lady')}'s</option>
      </select></label
    >
    <label class="flex items-center gap-1"
      ><input type="checkbox" bind:checked={behind} /> behind the rows there are</label
    >
  </div>
  <textarea
    bind:value={text}
    {onkeydown}
    aria-label="Steps"
    data-autofocus
    rows="9"
    spellcheck="false"
    placeholder={EXAMPLE}
    class="w-full rounded-xs border border-strong bg-raised p-2 font-mono text-sm"></textarea>
  <Failed small why={looked.failed} />
  {#if problems.length > 0}
    <ul class="mt-1 text-sm text-broken" aria-label="What does not fit">
      {#each problems.slice(0, 6) as problem, nth (nth)}
        <li>Line {problem.line}, {table ? 'column' : 'place'} {problem.column}: {settings.say(problem.message)}</li>
      {/each}
    </ul>
  {/if}
  <ol class="mt-2 max-h-40 overflow-auto text-sm text-soft" aria-label="Rows read">
    {#each ['man', 'lady'] as const as each (each)}
      {#each rows[each] as row, i (i)}
        <li>
          {settings.role(each)}
          {i + 1}: {[row.count, row.foot, row.place, row.align, row.turn, row.work, row.rise]
            .filter((t) => t !== undefined && t !== '')
            .join(' · ')}
        </li>
      {/each}
    {/each}
  </ol>
  <div class="mt-3 flex justify-end gap-2">
    <Button onclick={() => (open = false)}>Cancel</Button>
    <Button
      kind="main"
      disabled={problems.length > 0 || rows.man.length + rows.lady.length === 0}
      onclick={take}
      title="Ctrl+Enter">Take rows</Button
    >
  </div>
</Dialog>
