<script lang="ts">
  import { api, need, type Schemas } from '$lib/api/client';
  import { getFigureEditor } from '$lib/state/figure-editor.svelte';
  import { getSettings } from '$lib/state/settings.svelte';

  const editor = getFigureEditor();
  const settings = getSettings();
  let from = $state(editor.view.shipped ? 0 : editor.view.version);
  let versions = $state.raw<Schemas['VersionLine'][]>([]);
  let changes = $state.raw<Schemas['Change'][] | null>(null);
  let failed = $state('');

  $effect(() => {
    void load(from);
  });

  async function load(version: number) {
    const path = { id: editor.id };
    try {
      versions = await need(api.GET('/api/figures/{id}/versions', { params: { path } }));
      changes = await need(
        api.POST('/api/figures/{id}/differences', { params: { path, query: { from: version } }, body: editor.chart })
      );
      failed = '';
    } catch (error) {
      failed = error instanceof Error ? error.message : String(error);
    }
  }
</script>

<label class="mb-3 flex items-center gap-2 text-sm"
  >This chart against
  <select bind:value={from} class="rounded-xs border border-strong bg-raised px-1.5 py-0.5">
    {#if editor.view.shipped}<option value={0}>the shipped chart</option>{/if}
    {#each versions as version (version.number)}
      <option value={version.number}>version {version.number}{version.note ? `: ${version.note}` : ''}</option>
    {/each}
  </select>
</label>
<p class="mb-2 text-sm">
  <a
    class="text-accent underline underline-offset-2"
    href="/compare?left={encodeURIComponent(`${editor.id}@${from}`)}&right={encodeURIComponent(editor.id)}"
    >Side by side, row by row</a
  >
  {editor.changed ? '(as last saved; what you are typing stays a draft)' : ''}
</p>
{#if failed}
  <p role="alert" class="text-sm text-broken">{failed}</p>
{:else if changes === null}
  <p class="text-sm text-soft">Comparing…</p>
{:else if changes.length === 0}
  <p class="text-sm">The two are the same, cell by cell.</p>
{:else}
  <table class="w-full text-sm">
    <thead class="text-left text-soft">
      <tr><th class="py-1 font-normal">where</th><th class="font-normal">before</th><th class="font-normal">now</th></tr
      >
    </thead>
    <tbody>
      {#each changes as change, nth (nth)}
        <tr class="border-t border-line align-top">
          <th scope="row" class="py-1 pr-3 text-left font-normal"
            >{change.role ? `${settings.role(change.role)} ${change.step}, ` : ''}{change.key}</th
          >
          <td class="pr-3 text-soft line-through decoration-1">{change.before || '(nothing)'}</td>
          <td class="font-semibold">{change.after || '(nothing)'}</td>
        </tr>
      {/each}
    </tbody>
  </table>
{/if}
