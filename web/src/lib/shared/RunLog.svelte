<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type RoleName, type Schemas } from '$lib/api/client';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import { newKey } from './keys';

  interface Props {
    kind: 'figure' | 'routine';
    id: string;
    motion: Schemas['MotionView'];
    /** Of the couple. */
    name: string;
    /** At which it is danced, in bars a minute. */
    usual: number;
  }

  /** A run that the couple writes into its own log: clean, or with what went wrong and where. */
  let { kind, id, motion, name, usual }: Props = $props();
  const settings = getSettings();
  const attempt = new Attempt();
  const SLOWEST = 5;
  const FASTEST = 100;
  // svelte-ignore state_referenced_locally
  let tempo = $state<number | null>(usual);
  let wrong = $state(false);
  // svelte-ignore state_referenced_locally
  let role = $state<RoleName>((motion.dancers[0]?.role as RoleName | undefined) ?? 'man');
  // svelte-ignore state_referenced_locally
  let block = $state(
    Math.max(
      0,
      motion.blocks.findIndex((one) => one.figure)
    )
  );
  let row = $state(1);
  let seen = $state('');
  let said = $state('');
  let sending = $state(false);
  /** The same for as long as it is tried, so that a run whose answer was lost is kept once. */
  let run = newKey();
  const rows = $derived(motion.rows.filter((one) => one.role === role && one.block === block));
  /** The step chosen, or the first where this figure or role has none of that number. */
  const step = $derived(rows.some((one) => one.number === row) ? row : (rows[0]?.number ?? 1));
  const field = 'rounded-xs border border-strong bg-raised px-1.5 py-1 text-base text-ink';

  async function keep(event?: SubmitEvent) {
    event?.preventDefault();
    sending = true;
    const fault = { place: kind === 'routine' ? block + 1 : 0, role, row: step, seen: seen.trim() };
    const kept = await attempt.run(() =>
      need(
        api.POST('/api/shared/runs', {
          body: {
            kind,
            id,
            run,
            from: motion.begins,
            to: motion.end,
            ...(tempo ? { tempo } : {}),
            ...(event ? { seen: fault } : {})
          }
        })
      )
    );
    sending = false;
    if (!kept) return;
    said = event
      ? `Kept: ${fault.seen}, step ${fault.row}.`
      : `Kept: clean${tempo ? ` at ${tempo} bars a minute` : ''}.`;
    run = newKey();
    wrong = false;
    seen = '';
  }
</script>

<section aria-label="A run for the log" class="mb-3 border-l-4 border-accent pl-2">
  <div class="flex flex-wrap items-center gap-2 text-sm">
    <span class="mr-auto text-soft max-sm:w-full">Danced through, {name}?</span>
    <label class="text-soft"
      >at <input
        type="number"
        bind:value={tempo}
        min={SLOWEST}
        max={FASTEST}
        step="any"
        aria-label="Bars a minute"
        class="{field} w-16"
      /></label
    >
    <Button kind="main" disabled={sending} onclick={() => void keep()}>Clean</Button>
    <Button aria-pressed={wrong} onclick={() => (wrong = !wrong)}>Not clean</Button>
  </div>
  {#if wrong}
    <form class="mt-2 flex flex-wrap items-end gap-2 text-sm" onsubmit={(event) => void keep(event)}>
      {#if motion.blocks.length > 1}
        <label class="text-soft"
          >in
          <select class="{field} max-w-52" bind:value={block}>
            {#each motion.blocks as one, nth (nth)}
              {#if one.figure}<option value={nth}>{nth + 1}. {one.name}</option>{/if}
            {/each}
          </select></label
        >
      {/if}
      {#if motion.dancers.length > 1}
        <label class="text-soft"
          >of
          <select class={field} bind:value={role}>
            <option value="man">{settings.role('man')}</option>
            <option value="lady">{settings.role('lady')}</option>
          </select></label
        >
      {/if}
      <label class="text-soft"
        >step
        <select class={field} bind:value={() => step, (chosen) => (row = chosen)}>
          {#each rows as one, nth (nth)}<option value={one.number}>{one.number}: {one.count}</option>{/each}
        </select></label
      >
      <label class="min-w-40 flex-1 text-soft"
        >what went wrong
        <input class="{field} w-full" bind:value={seen} maxlength="200" required /></label
      >
      <Button kind="main" type="submit" disabled={sending}>Keep it</Button>
    </form>
  {/if}
  {#if said}<p role="status" class="mt-1 text-sm">{said}</p>{/if}
  <Failed small why={attempt.failed} />
</section>
