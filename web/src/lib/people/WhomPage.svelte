<script lang="ts">
  import { goto } from '$app/navigation';
  import { api, need, type Schemas } from '$lib/api/client';
  import { todayHere } from '$lib/api/days';
  import { loaded } from '$lib/api/loaded.svelte';
  import EditorBar from '$lib/editing/EditorBar.svelte';
  import NameField from '$lib/editing/NameField.svelte';
  import JottingLine from '$lib/jotting/JottingLine.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import Tabs from '$lib/ui/Tabs.svelte';
  import About from './About.svelte';
  import LogList from './LogList.svelte';
  import Standing from './Standing.svelte';
  import Weak from './Weak.svelte';
  import type { CoupleEditor, GroupEditor } from './editors';

  interface Props {
    editor: CoupleEditor | GroupEditor;
    dances: Schemas['DanceView'][];
  }

  /** A couple, somebody alone, or a group: where they are, in ten seconds. */
  let { editor, dances }: Props = $props();
  // A page is made anew for everybody.
  // svelte-ignore state_referenced_locally
  const id = editor.id;
  // svelte-ignore state_referenced_locally
  void editor.recover();
  let kept = $state(0);
  let tab = $state('where');
  const TABS = [
    { value: 'where', word: 'Where they are' },
    { value: 'weak', word: 'Weak places' },
    { value: 'log', word: 'Log' },
    { value: 'about', word: 'About' }
  ];
  const onnote = (text: string) =>
    editor.describe({ note: [editor.state.note, `${todayHere()}: ${text}`].filter(Boolean).join('\n') });
  const read = loaded(
    () => kept,
    () => need(api.GET('/api/records/{whom}', { params: { path: { whom: id } } }))
  );
  const names = loaded(
    () => ({ figures: editor.state.figures ?? [], routines: editor.state.routines ?? [] }),
    async () => {
      const [figures, routines] = await Promise.all([
        need(api.GET('/api/figures', { params: { query: { dance: 'all' } } })),
        need(api.GET('/api/routines', { params: { query: { limit: 500 } } }))
      ]);
      return { figures, routines: routines.lines };
    }
  );
  /** What they work on first, then what else they have danced. */
  const subjects = $derived.by(() => {
    const { routines = [], figures = [] } = names.current ?? {};
    const work = [
      ...(editor.state.routines ?? []).map((one) => ({
        kind: 'routine',
        id: one,
        named: routines.find((r) => r.id === one)
      })),
      ...(editor.state.figures ?? []).map((one) => ({
        kind: 'figure',
        id: one,
        named: figures.find((f) => f.id === one)
      }))
    ].flatMap(({ kind, id, named }) => (named ? [{ kind, id, name: named.name }] : []));
    const danced = (read.current?.subjects ?? []).filter(
      (subject) => !work.some((one) => one.kind === subject.kind && one.id === subject.id)
    );
    return [...work, ...danced];
  });
</script>

<h1 class="sr-only">{editor.state.name}</h1>
<header class="mb-3 flex flex-wrap items-end gap-4 border-b-2 border-ink pb-2">
  {#if editor.kind === 'couple'}
    <NameField editor={editor as CoupleEditor} />
    <EditorBar editor={editor as CoupleEditor} onremoved={() => void goto('/people')} />
  {:else}
    <NameField editor={editor as GroupEditor} />
    <EditorBar editor={editor as GroupEditor} onremoved={() => void goto('/people')} />
  {/if}
</header>
<div class="mb-4"><JottingLine whom={id} {onnote} onkept={() => kept++} /></div>
<Failed why={read.failed} />
<Tabs label="About {editor.state.name}" tabs={TABS} bind:value={tab}>
  {#snippet panel(of: string)}
    {#if of === 'where'}
      {#if read.current}<Standing {editor} record={read.current} {subjects} {kept} ontaught={() => kept++} />
      {:else if !read.failed}<p class="text-soft">Loading …</p>{/if}
    {:else if of === 'weak'}<Weak whom={id} {subjects} {kept} />
    {:else if of === 'log'}<LogList whom={id} {kept} onchanged={() => kept++} />
    {:else}<About
        {editor}
        {dances}
        routines={names.current?.routines ?? []}
        figures={names.current?.figures ?? []}
      />{/if}
  {/snippet}
</Tabs>
