<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type RoleName, type Schemas } from '$lib/api/client';
  import { dayHere, noonOf, todayHere } from '$lib/api/days';
  import { without } from '$lib/editing/without';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import SwitchRow from '$lib/ui/SwitchRow.svelte';

  interface Props {
    line: Schemas['LogLine'];
    onchanged: () => void;
    onclose: () => void;
  }

  /** An entry put right: what was seen, at which step of whom, when and how fast. */
  let { line, onchanged, onclose }: Props = $props();
  const settings = getSettings();
  const attempt = new Attempt();
  // The form begins with what was kept, and is made anew for every entry.
  // svelte-ignore state_referenced_locally
  const { fault } = line;
  // svelte-ignore state_referenced_locally
  const day = dayHere(line.at);
  let seen = $state(fault?.seen ?? '');
  let cause = $state(fault?.cause ?? '');
  let cue = $state(fault?.cue ?? '');
  let row = $state(fault?.row ?? 1);
  let role = $state<RoleName>((fault?.role ?? 'man') as RoleName);
  // svelte-ignore state_referenced_locally
  let tempo = $state<number | null>(line.tempo ?? null);
  let on = $state(day);

  function submit(event: SubmitEvent) {
    event.preventDefault();
    const why = cause.trim() === '' ? {} : { cause: cause.trim() };
    const body = {
      at: on === day ? line.at : noonOf(on),
      ...(tempo ? { tempo } : {}),
      ...(fault ? { fault: { ...without(fault, 'cause'), ...why, seen: seen.trim(), cue: cue.trim(), row, role } } : {})
    };
    void attempt.run(async () => {
      await need(api.PUT('/api/log/{id}', { params: { path: { id: line.id } }, body }));
      onclose();
      onchanged();
    });
  }

  const field = 'rounded-xs border border-strong bg-raised px-2 py-1';
</script>

<form
  aria-label="Put right: {line.name}, {fault?.seen ?? 'clean'}"
  onsubmit={submit}
  class="flex w-full flex-wrap items-end gap-2 border-l-4 border-accent bg-sheet p-2"
>
  {#if fault}
    <SwitchRow
      label="Whose fault"
      value={role}
      options={(['man', 'lady'] as const).map((one) => ({ value: one, label: settings.Role(one) }))}
      onpick={(one) => (role = one as RoleName)}
    />
    <label class="flex flex-col gap-1"
      >Step <input type="number" min="1" max="128" required bind:value={row} class="{field} w-16" /></label
    >
    <label class="flex min-w-40 flex-1 flex-col gap-1"
      >What was seen <input maxlength="300" required bind:value={seen} class={field} /></label
    >
    <label class="flex min-w-40 flex-1 flex-col gap-1"
      >Cue <input maxlength="300" bind:value={cue} class={field} /></label
    >
    <label class="flex min-w-40 flex-1 flex-col gap-1"
      >Why it happens <input maxlength="300" bind:value={cause} class={field} /></label
    >
  {/if}
  <label class="flex flex-col gap-1"
    >Bars a minute <input type="number" min="1" max="300" step="any" bind:value={tempo} class="{field} w-20" /></label
  >
  <label class="flex flex-col gap-1"
    >Day <input type="date" required min="1900-01-01" max={todayHere()} bind:value={on} class={field} /></label
  >
  <Button kind="main" type="submit">Keep</Button>
  <Button kind="quiet" onclick={onclose}>Not now</Button>
  <Failed why={attempt.failed} small />
</form>
