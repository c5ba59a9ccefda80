<script lang="ts">
  import { goto } from '$app/navigation';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, outlivesPage, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { Editor } from '$lib/editing/editor.svelte';
  import EditorBar from '$lib/editing/EditorBar.svelte';
  import NameField from '$lib/editing/NameField.svelte';
  import EventForm from './EventForm.svelte';
  import EventReport from './EventReport.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  let { view, dances }: { view: Schemas['EventView']; dances: Schemas['DanceView'][] } = $props();
  // The desk is made anew for every event, so the first view is the one it edits.
  // svelte-ignore state_referenced_locally
  const editor = new Editor('event', view, {
    async send(id, expectedVersion, document) {
      const body = { expectedVersion, document };
      const kept = await need(
        api.PUT('/api/events/{id}', { params: { path: { id } }, body, keepalive: outlivesPage() })
      );
      if (report) await check(report.id);
      return kept;
    }
  });
  void editor.recover();
  const found = loaded(
    () => wanted.split(',').filter(Boolean),
    (dances) =>
      Promise.all(dances.map((dance) => need(api.GET('/api/routines', { params: { query: { dance, limit: 500 } } }))))
  );
  const routines = $derived((found.current ?? []).flatMap((page) => page.lines));
  const attempt = new Attempt();
  let report = $state.raw<{ id: string; view: Schemas['EventReport'] } | null>(null);
  const wanted = $derived([...new Set(editor.state.dances.map((band) => band.dance))].join());

  const check = (id: string) =>
    attempt.run(async () => {
      const params = { path: { id: view.id }, query: { routine: id } };
      report = id === '' ? null : { id, view: await need(api.GET('/api/events/{id}/report', { params })) };
    });
</script>

<h1 class="sr-only">{editor.state.name}</h1>
<header class="mb-4 flex flex-wrap items-end gap-4 border-b-2 border-ink pb-2 print:hidden">
  <NameField {editor} />
  <EditorBar {editor} onremoved={() => void goto('/events')} />
</header>
<div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.25fr)] print:block">
  <div class="print:hidden"><EventForm {editor} {dances} /></div>
  <section aria-label="Report on a routine" class="min-w-0">
    <label class="mb-3 flex flex-wrap items-center gap-2 print:hidden"
      ><span class="font-display text-lg">Check a routine</span>
      <select
        value={report?.id ?? ''}
        onchange={(event) => void check(event.currentTarget.value)}
        class="rounded-xs border border-strong bg-raised px-2 py-1 text-sm"
      >
        <option value="">choose one of its dances</option>
        {#each routines as routine (routine.id)}<option value={routine.id}>{routine.name}</option>{/each}
      </select></label
    >
    <Failed why={found.failed || attempt.failed} />
    {#if report}<EventReport report={report.view} eventId={editor.id} routineId={report.id} />
    {:else}<p class="max-w-prose text-sm text-soft">
        The report says line by line what is kept, what is not and what must be asked; it can be printed and handed
        over.
      </p>{/if}
  </section>
</div>
