<script lang="ts">
  import { goto } from '$app/navigation';
  import { api, need } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { getFigureEditor } from '$lib/figure/figure-editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import FigurePick from '$lib/library/FigurePick.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  const editor = getFigureEditor();
  const settings = getSettings();
  /** Version compared with, 0 for the shipped chart, -1 where there is neither. */
  let from = $state(editor.view.shipped ? 0 : editor.view.version || -1);
  const versions = loaded(
    () => [editor.id, editor.view.version] as const,
    ([id]) => need(api.GET('/api/figures/{id}/versions', { params: { path: { id } } }))
  );
  const changes = loaded(
    () => ({ id: editor.id, from, chart: editor.chart }),
    async ({ id, from, chart }) =>
      from < 0
        ? []
        : need(api.POST('/api/figures/{id}/differences', { params: { path: { id }, query: { from } }, body: chart }))
  );
</script>

<!-- Room for what the field finds, which a short dialog would cut off. -->
<div class="min-h-96">
  <p class="mb-3 flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line pb-3 text-sm">
    {#if editor.chart.madeFrom}
      <a
        class="text-accent underline underline-offset-2"
        href="/compare?left={encodeURIComponent(editor.chart.madeFrom)}&right={encodeURIComponent(editor.id)}"
        >With the figure it was made from</a
      >
    {/if}
    <span
      >With any other:
      <FigurePick
        label="With any other figure"
        value=""
        name=""
        onpick={(id) => void goto(`/compare?left=${encodeURIComponent(id)}&right=${encodeURIComponent(editor.id)}`)}
      /></span
    >
  </p>
  {#if from < 0}
    <p class="text-sm text-soft">
      It has been begun and not saved as a version yet, so there is nothing of it to compare with.
    </p>
  {:else}
    <label class="mb-3 flex items-center gap-2 text-sm"
      >This chart against
      <select bind:value={from} class="rounded-xs border border-strong bg-raised px-1.5 py-0.5">
        {#if editor.view.shipped}<option value={0}>the shipped chart</option>{/if}
        {#each versions.current ?? [] as version (version.number)}
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
    <Failed small why={changes.failed || versions.failed} />
    {#if changes.failed}
      <!-- Said above. -->
    {:else if !changes.current}
      <p class="text-sm text-soft">Comparing…</p>
    {:else if changes.current.length === 0}
      <p class="text-sm">The two are the same, cell by cell.</p>
    {:else}
      <table class="w-full text-sm">
        <thead class="text-left text-soft">
          <tr
            ><th class="py-1 font-normal">where</th><th class="font-normal">before</th><th class="font-normal">now</th
            ></tr
          >
        </thead>
        <tbody>
          {#each changes.current as change, nth (nth)}
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
  {/if}
</div>
