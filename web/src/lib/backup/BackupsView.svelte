<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas } from '$lib/api/client';
  import TakeFile from '$lib/intake/TakeFile.svelte';
  import { intake } from '$lib/intake/intake.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Dialog from '$lib/ui/Dialog.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import BackupContents from './BackupContents.svelte';
  import Sounds from './Sounds.svelte';
  import { size, when } from './words';

  let all = $state.raw<Schemas['All'] | null>(null);
  let contents = $state.raw<Schemas['Contents'] | null>(null);
  let doomed = $state.raw<Schemas['BackupView'] | null>(null);
  let done = $state.raw<Schemas['Done'] | null>(null);
  /** What is being done, in words; empty while nothing is. */
  let busy = $state('');
  const attempt = new Attempt();

  const doing = async (what: string, work: () => Promise<unknown>) => {
    busy = what;
    try {
      return await attempt.run(work);
    } finally {
      busy = '';
    }
  };

  const load = async () => {
    all = await need(api.GET('/api/backups'));
  };

  // Also when one was brought from elsewhere.
  $effect(() => {
    void intake.looked;
    void attempt.run(load);
  });

  const path = (backup: Schemas['BackupView']) => ({ params: { path: { name: backup.name } } });

  const make = () =>
    doing('Writing a backup …', async () => {
      await need(api.POST('/api/backups'));
      await load();
    });

  const look = (backup: Schemas['BackupView']) =>
    doing(`Reading ${backup.name} …`, async () => {
      contents = await need(api.GET('/api/backups/{name}/contents', path(backup)));
    });

  const restore = (backup: Schemas['BackupView']) =>
    doing('Putting everything back …', async () => {
      done = await need(api.POST('/api/backups/{name}/restore', path(backup)));
      contents = null;
      await load();
    });

  const remove = (backup: Schemas['BackupView']) =>
    doing('Deleting …', async () => {
      await need(api.DELETE('/api/backups/{name}', path(backup)));
      doomed = null;
      await load();
    });

  /** Its things one by one, as those of a file from elsewhere. */
  function single(backup: Schemas['BackupView']) {
    contents = null;
    void intake.lookInto(backup.name);
  }
</script>

<div class="mb-1 flex flex-wrap items-end gap-x-4 gap-y-2">
  <h1 class="text-3xl">Backups</h1>
  <span class="ml-auto flex flex-wrap items-center gap-3">
    <TakeFile label="Bring one" />
    <Button kind="main" disabled={busy !== ''} onclick={() => void make()}>Back up now</Button>
  </span>
</div>
<p class="mb-4 max-w-prose text-sm text-soft">
  Everything the studio keeps but the sound of recordings, in one zip of open formats, readable without Fluid Frame.
  Keep a copy on another disk or with somebody you trust: what lies on this machine only is lost with it.
</p>
{#if busy}<p role="status" class="mb-2 text-sm text-soft">{busy}</p>{/if}
<Failed why={attempt.failed} />
{#if done}
  <section aria-label="Restored" class="mb-3 border-l-4 border-sound pl-2 text-sm">
    <p role="status">
      Put back: {done.documents} documents and {done.rows} rows of the log and what was taught. What was here before is kept
      as
      <span class="break-all">{done.before}</span>.
    </p>
    {#each done.problems as problem, nth (nth)}<p class="text-broken">{problem}</p>{/each}
  </section>
{/if}
{#if all}
  <ul class="border-t-2 border-ink" aria-label="Backups">
    {#each all.backups as backup (backup.name)}
      <li class="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-line py-2.5">
        <span class="w-44 font-display text-lg font-semibold whitespace-nowrap">{when(backup.made)}</span>
        <span class="text-sm text-soft"
          >{backup.why}, {backup.documents} things, {size(backup.bytes)}{#if backup.problem}
            <span class="block text-broken">{backup.problem}</span>{/if}</span
        >
        <span class="ml-auto flex flex-wrap gap-2">
          <Button disabled={busy !== ''} onclick={() => void look(backup)} aria-label="Look into {backup.name}"
            >Look inside</Button
          >
          <a
            class="rounded-xs border border-strong bg-raised px-2.5 py-1 text-sm hover:border-accent hover:text-accent"
            href="/api/backups/{encodeURIComponent(backup.name)}/file"
            download={backup.name}
            aria-label="Save {backup.name}">Save a copy</a
          >
          <Button kind="quiet" onclick={() => (doomed = backup)} aria-label="Delete {backup.name}">Delete</Button>
        </span>
      </li>
    {:else}
      <li class="py-4 text-soft">
        There is none yet. The first is made by itself today; “Back up now” makes one at once.
      </li>
    {/each}
  </ul>
  <p class="mt-3 max-w-prose text-sm text-soft">
    {all.rule} They lie in <span class="break-all">{all.folder}</span>. Somebody whom you forget stays in the backups
    made before: delete those too. On an empty machine: <code class="text-ink">./run restore FILE</code>.
  </p>
{/if}
{#key done}<Sounds />{/key}

<Dialog bind:open={() => contents !== null, (on) => (contents = on ? contents : null)} title="In this backup" wide>
  {#if contents}
    {@const backup = contents.backup}
    <BackupContents {contents} />
    {#if busy}<p role="status" class="mt-2 text-sm text-soft">{busy}</p>{/if}
    <Failed why={attempt.failed} />
    <div class="mt-3 flex flex-wrap justify-end gap-2">
      <Button onclick={() => (contents = null)}>Close</Button>
      <Button disabled={busy !== '' || contents.differing === 0} onclick={() => single(backup)}
        >Take single things</Button
      >
      <Button kind="main" disabled={busy !== ''} onclick={() => void restore(backup)}>Put everything back</Button>
    </div>
  {/if}
</Dialog>

<Dialog bind:open={() => doomed !== null, (on) => (doomed = on ? doomed : null)} title="Delete this backup?">
  <p class="mb-3 text-sm">{doomed ? `${when(doomed.made)}, ${doomed.why}.` : ''} It cannot be brought back.</p>
  <div class="flex justify-end gap-2">
    <Button onclick={() => (doomed = null)}>Cancel</Button>
    <Button kind="main" onclick={() => doomed && void remove(doomed)}>Delete</Button>
  </div>
</Dialog>
