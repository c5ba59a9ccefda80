<script lang="ts">
  import type { RoleName } from '$lib/api/client';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import SwitchRow from '$lib/ui/SwitchRow.svelte';
  import type { Rehearsal } from './rehearsal.svelte';
  import { VIEW_NAMES, type View } from './views';

  interface Props {
    r: Rehearsal;
    full: boolean;
    onfull: () => void;
  }

  /** From where and whom. */
  let { r, full, onfull }: Props = $props();
  const settings = getSettings();
</script>

<div class="flex flex-wrap items-center gap-x-3 gap-y-1.5">
  <SwitchRow
    label="Seen from"
    value={r.view}
    options={VIEW_NAMES.map((one) => ({ value: one.id, label: one.word(settings) }))}
    onpick={(to) => (r.view = to as View)}
  />
  <span class="flex gap-1">
    <Button aria-pressed={r.mirrored} onclick={() => (r.mirrored = !r.mirrored)} title="m or 8">Mirror</Button>
    <Button aria-pressed={r.follow} onclick={() => (r.follow = !r.follow)} title="The eye goes along with the couple"
      >Follow</Button
    >
    <Button
      aria-pressed={r.lines}
      onclick={() => (r.lines = !r.lines)}
      title="n: lines of shoulders and hips, the arc of the turn, the centre of a circle">Lines</Button
    >
  </span>
  {#if !r.solo}
    <SwitchRow
      label="Who is seen"
      value={r.only}
      options={[
        { value: 'both', label: 'Both' },
        { value: 'man', label: settings.Role('man') },
        { value: 'lady', label: settings.Role('lady') }
      ]}
      onpick={(to) => (r.only = to as 'both' | RoleName)}
    />
    {#if r.only !== 'both'}
      <Button aria-pressed={r.leftOut} onclick={() => (r.leftOut = !r.leftOut)}>Leave the other out</Button>
    {/if}
  {/if}
  <Button class="ml-auto" kind="quiet" aria-pressed={full} onclick={onfull} title="f">Full screen</Button>
</div>
