<script lang="ts">
  import { goto } from '$app/navigation';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import Button from '$lib/ui/Button.svelte';
  import { getRoutineEditor } from '$lib/routine/routine-editor.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  const editor = getRoutineEditor();
  /** Numbers of the versions compared; 0 stands for the routine as it is now. */
  let older = $state(0);
  let newer = $state(0);
  let note = $state('');
  const path = { id: editor.id };
  const attempt = new Attempt();
  const versions = loaded(
    () => editor.id,
    async () => {
      const lines = await need(api.GET('/api/routines/{id}/versions', { params: { path } }));
      older ||= lines[0]?.number ?? 0;
      return lines;
    }
  );
  const changes = loaded(
    () => ({ number: older, against: newer, now: editor.routine }),
    async ({ number, against, now }) => {
      if (number === 0) return undefined;
      const body = against === 0 ? now : await version(against);
      const params = { path: { ...path, number } };
      return need(api.POST('/api/routines/{id}/versions/{number}/difference', { params, body }));
    }
  );

  const version = (number: number) =>
    need(api.GET('/api/routines/{id}/versions/{number}', { params: { path: { ...path, number } } }));

  const keep = () =>
    attempt.run(async () => {
      await editor.editor.flush();
      const kept = await need(api.POST('/api/routines/{id}/versions', { params: { path }, body: { note } }));
      await versions.again();
      [older, newer, note] = [kept.number, 0, ''];
    });

  const copy = () =>
    attempt.run(async () => {
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
  <Failed why={attempt.failed || versions.failed || changes.failed} />
  {#if versions.current && versions.current.length > 0}
    <div class="flex flex-wrap items-center gap-2">
      <label
        >From <select bind:value={older} class="rounded-xs border border-line bg-raised px-1">
          {#each versions.current as version (version.number)}<option value={version.number}
              >{version.number}{version.note ? `, ${version.note}` : ''}</option
            >{/each}
        </select></label
      >
      <label
        >to <select bind:value={newer} class="rounded-xs border border-line bg-raised px-1">
          <option value={0}>now</option>
          {#each versions.current as version (version.number)}<option value={version.number}
              >{version.number}{version.note ? `, ${version.note}` : ''}</option
            >{/each}
        </select></label
      >
      <Button onclick={() => void attempt.run(async () => editor.restore(await version(older)))}
        >Go back to {older}</Button
      >
    </div>
    <ul aria-label="What has changed" class="list-disc pl-5">
      {#each changes.current ?? [] as change, nth (nth)}<li>
          {said(change)}
        </li>
      {:else}<li class="list-none text-soft">{changes.current ? 'Nothing has changed.' : 'Being compared …'}</li>{/each}
    </ul>
  {:else if versions.current}
    <p class="text-soft">None kept yet. Saving goes on by itself; a version is what you want to come back to.</p>
  {/if}
  <p class="border-t border-line pt-2">
    <Button onclick={() => void copy()}>Begin another from this one</Button>
    <span class="text-soft">for another couple, or as a template</span>
  </p>
</section>
