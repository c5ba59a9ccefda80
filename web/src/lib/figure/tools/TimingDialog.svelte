<script lang="ts">
  import { api, need, type RoleName, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import Button from '$lib/ui/Button.svelte';
  import FirstFew from '$lib/ui/FirstFew.svelte';
  import Dialog from '$lib/ui/Dialog.svelte';
  import { rewrite } from '$lib/figure/rewrite';
  import { getFigureEditor } from '$lib/figure/figure-editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';

  type How = Schemas['Retime']['how'];
  let { open = $bindable() }: { open: boolean } = $props();
  const editor = getFigureEditor();
  const settings = getSettings();
  const WAYS: { how: How; label: string; by: boolean; other: string }[] = [
    { how: 'hold', label: 'hold it longer, and catch up', by: true, other: 'catching up on' },
    { how: 'split', label: 'bring the next step into its second half', by: false, other: 'time given to' },
    { how: 'splitQuarter', label: 'bring the next step into its last quarter', by: false, other: 'time given to' },
    { how: 'delay', label: 'let it come later', by: true, other: '' },
    { how: 'lengthen', label: 'let the figure grow by whole bars on it', by: false, other: '' },
    { how: 'close', label: 'close the feet instead of walking', by: false, other: '' }
  ];
  let role = $state<RoleName>('man');
  let step = $state(1);
  let how = $state<How>('hold');
  let by = $state('1/2');
  let bars = $state('1');
  let other = $state(0);
  let said = $state('');
  const way = $derived(WAYS.find((w) => w.how === how));
  const steps = $derived(editor.chart[role] ?? []);
  const counted = $derived(steps.map((row) => row.count).join(' '));

  $effect(() => {
    if (!open) return;
    said = '';
    if (editor.focus) [role, step] = [editor.focus.role, editor.focus.step];
  });

  const rhythms = loaded(
    () => (open ? role : undefined),
    async (of) => (of ? need(api.POST('/api/proposals/rhythms', { body: { chart: editor.chart, role: of } })) : [])
  );

  async function retime(chosen: How, rhythm = '') {
    const asked = { role, how: chosen, step, by: chosen === 'lengthen' ? bars : by, otherStep: Number(other), rhythm };
    said = await rewrite(editor, (chart) => need(api.POST('/api/proposals/timing', { body: { chart, ...asked } })));
    if (said === '') open = false;
  }
  const field = 'rounded-xs border border-strong bg-raised px-1 py-0.5';
</script>

<Dialog bind:open title="Another timing of the same steps" wide>
  <p class="mb-3 text-sm text-soft">
    Both {settings.role('man')} and {settings.role('lady')} move along the count together, and the figure stays as long as
    it is, unless you let it grow by whole bars. What would break the bar is refused, with the amount.
  </p>
  <form
    class="flex flex-wrap items-end gap-3 text-sm"
    onsubmit={(event) => {
      event.preventDefault();
      void retime(how);
    }}
  >
    <label class="flex flex-col"
      >whose
      <select bind:value={role} class={field}
        ><option value="man">{settings.role('man')}</option><option value="lady">{settings.role('lady')}</option
        ></select
      ></label
    >
    <label class="flex flex-col"
      >step
      <select bind:value={step} class={field}>
        {#each steps as row, i (i)}<option value={i + 1}>{i + 1}: {row.count} {row.foot}F {row.place}</option>{/each}
      </select></label
    >
    <label class="flex flex-col"
      >what to do
      <select bind:value={how} class={field}>
        {#each WAYS as each (each.how)}<option value={each.how}>{each.label}</option>{/each}
      </select></label
    >
    {#if way?.by}
      <label class="flex flex-col">by how many beats <input bind:value={by} class="{field} w-20" /></label>
    {:else if how === 'lengthen'}
      <label class="flex flex-col">by how many bars <input bind:value={bars} class="{field} w-20" /></label>
    {/if}
    {#if way?.other}
      <label class="flex flex-col"
        >{way.other}
        <select bind:value={other} class={field}>
          <option value={0}>{how === 'hold' ? 'the first that can' : 'nobody yet'}</option>
          {#each steps as row, i (i)}{#if i + 1 > step}<option value={i + 1}>step {i + 1} ({row.count})</option
              >{/if}{/each}
        </select></label
      >
    {/if}
    <Button kind="main" type="submit">Retime</Button>
  </form>
  {#if said}<p role="alert" class="mt-2 text-sm text-broken">{settings.say(said)}</p>{/if}
  <h3 class="mt-4 mb-1 text-base">Rhythms of the same length that the dance permits</h3>
  {#if rhythms.current?.length === 0}
    <p class="text-sm text-soft">None can be listed for so many steps.</p>
  {:else}
    <FirstFew items={rhythms.current ?? []} label="Rhythms">
      {#snippet children(rhythm: string)}
        <Button aria-pressed={rhythm === counted} onclick={() => void retime('rhythm', rhythm)}
          >{rhythm}{rhythm === counted ? ' · as charted' : ''}</Button
        >
      {/snippet}
    </FirstFew>
  {/if}
</Dialog>
