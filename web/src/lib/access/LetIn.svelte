<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { clock } from '$lib/lesson/stages';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import { onMount } from 'svelte';

  interface Props {
    view: Schemas['SharingView'];
    onview: (view: Schemas['SharingView']) => void;
  }

  /** The code that lets devices in, large enough to be read across the room, and as a picture. */
  let { view, onview }: Props = $props();
  const attempt = new Attempt();
  let whom = $state('');
  let now = $state(Date.now());
  const people = loaded(
    () => 0,
    async () => {
      const query = { params: { query: { limit: 500 } } };
      const [couples, groups] = await Promise.all([
        need(api.GET('/api/couples', query)),
        need(api.GET('/api/groups', query))
      ]);
      return [...couples.lines, ...groups.lines];
    }
  );
  const code = $derived(view.code);
  const left = $derived(code ? Math.max(0, (Date.parse(code.until) - now) / 1000) : 0);
  const picture = $derived(code?.picture ? `data:image/svg+xml,${encodeURIComponent(code.picture)}` : '');

  onMount(() => {
    const timer = setInterval(() => (now = Date.now()), 500);
    return () => clearInterval(timer);
  });

  const make = () =>
    attempt.run(async () => {
      onview(await need(api.POST('/api/sharing/code', { body: whom ? { whom } : {} })));
    });
  const withdraw = () =>
    attempt.run(async () => {
      onview(await need(api.DELETE('/api/sharing/code')));
    });
</script>

<div class="mt-4 flex flex-wrap items-end gap-2">
  <label class="text-sm text-soft"
    >Let in a device of
    <select
      bind:value={whom}
      class="block max-w-64 rounded-xs border border-strong bg-raised px-1.5 py-1 text-base text-ink"
    >
      <option value="">the studio</option>
      {#each people.current ?? [] as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
    </select></label
  >
  <Button kind={code ? 'plain' : 'main'} onclick={() => void make()}>{code ? 'Another code' : 'Show a code'}</Button>
</div>
<Failed small why={attempt.failed || people.failed} />
{#if code && left > 0}
  <div class="mt-4 flex flex-wrap items-center gap-6" role="group" aria-label="Code">
    {#if picture}<img src={picture} alt="The address with the code, for a telephone's camera" class="size-44" />{/if}
    <div>
      <p class="font-display text-6xl font-semibold tracking-[0.12em] tabular-nums">
        {code.digits.slice(0, 3)}<span class="ml-[0.2em]">{code.digits.slice(3)}</span>
      </p>
      <p class="text-soft">
        for {code.whom ?? 'the studio'}, good for
        <span role="timer" class="tabular-nums">{clock(left)}</span>
      </p>
      <Button kind="quiet" class="-ml-2.5" onclick={() => void withdraw()}>Withdraw it</Button>
    </div>
  </div>
{/if}
