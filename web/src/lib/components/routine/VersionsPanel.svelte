<script lang="ts">
  import { goto } from '$app/navigation';
  import { api, need, type Schemas } from '$lib/api/client';
  import Button from '$lib/components/ui/Button.svelte';
  import { getRoutineEditor } from '$lib/state/routine-editor.svelte';

  const editor = getRoutineEditor();
  let versions = $state.raw<Schemas['VersionLine'][] | null>(null);
  let note = $state('');
  let failed = $state('');
  /** Numbers of the versions compared; 0 stands for the routine as it is now. */
  let older = $state(0);
  let newer = $state(0);
  let changes = $state.raw<Schemas['RoutineChange'][] | null>(null);
  const path = { id: editor.id };

  $effect(() => {
    void run(async () => {
      versions = await need(api.GET('/api/routines/{id}/versions', { params: { path } }));
      older = versions[0]?.number ?? 0;
    });
  });

  $effect(() => {
    const [number, against, now] = [older, newer, editor.routine];
    if (number === 0) return;
    void run(async () => {
      const body = against === 0 ? now : await version(against);
      changes = await need(
        api.POST('/api/routines/{id}/versions/{number}/difference', {
          params: { path: { ...path, number } },
          body
        })
      );
    });
  });

  const version = (number: number) =>
    need(api.GET('/api/routines/{id}/versions/{number}', { params: { path: { ...path, number } } }));

  async function run(work: () => Promise<void>) {
    try {
      await work();
      failed = '';
    } catch (error) {
      failed = error instanceof Error ? error.message : String(error);
    }
  }

  const keep = () =>
    run(async () => {
      await editor.editor.flush();
      const kept = await need(api.POST('/api/routines/{id}/versions', { params: { path }, body: { note } }));
      versions = [kept, ...(versions ?? [])];
      [older, newer, note] = [kept.number, 0, ''];
    });

  const copy = () =>
    run(async () => {
      const body = { ...editor.routine, name: `${editor.routine.name}, copy`.slice(0, 120) };
      const made = await need(api.POST('/api/routines', { body }));
      await goto(`/routines/${made.id}`);
    });

  const said = (change: Schemas['RoutineChange']) =>
    ({
      added: `${change.place}. ${change.after} is new`,
      removed: `${change.before} is gone`,
      replaced: `${change.place}. ${change.before} → ${change.after}`,
      setting: `${change.before} → ${change.after.replace(/^[^:]*: /, '')}`
    })[change.kind];
</script>

<section aria-label="Versions" class="flex flex-col gap-3 text-sm">
  <form
    class="flex items-center gap-2"
    onsubmit={(event) => {
      event.preventDefault();
      void keep();
    }}
  >
    <input
      bind:value={note}
      maxlength="500"
      aria-label="What this version is"
      placeholder="what this version is"
      class="min-w-0 grow rounded-xs border border-line bg-raised px-1.5 py-0.5"
    />
    <Button type="submit">Keep this version</Button>
  </form>
  {#if failed}<p role="alert" class="text-broken">{failed}</p>{/if}
  {#if versions && versions.length > 0}
    <div class="flex flex-wrap items-center gap-2">
      <label
        >From <select bind:value={older} class="rounded-xs border border-line bg-raised px-1">
          {#each versions as version (version.number)}<option value={version.number}
              >{version.number}{version.note ? `, ${version.note}` : ''}</option
            >{/each}
        </select></label
      >
      <label
        >to <select bind:value={newer} class="rounded-xs border border-line bg-raised px-1">
          <option value={0}>now</option>
          {#each versions as version (version.number)}<option value={version.number}
              >{version.number}{version.note ? `, ${version.note}` : ''}</option
            >{/each}
        </select></label
      >
      <Button onclick={() => void run(async () => editor.restore(await version(older)))}>Go back to {older}</Button>
    </div>
    <ul aria-label="What has changed" class="list-disc pl-5">
      {#each changes ?? [] as change, nth (nth)}<li>
          {said(change)}
        </li>
      {:else}<li class="list-none text-soft">Nothing has changed.</li>{/each}
    </ul>
  {:else if versions}
    <p class="text-soft">None kept yet. Saving goes on by itself; a version is what you want to come back to.</p>
  {/if}
  <p class="border-t border-line pt-2">
    <Button onclick={() => void copy()}>Begin another from this one</Button>
    <span class="text-soft">for another couple, or as a template</span>
  </p>
</section>
