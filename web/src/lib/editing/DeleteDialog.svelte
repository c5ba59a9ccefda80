<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Dialog from '$lib/ui/Dialog.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import { pageOf, type Kind } from './kinds';

  interface Props {
    open: boolean;
    kind: Kind;
    id: string;
    name: string;
    onremove: () => Promise<unknown>;
  }

  let { open = $bindable(), kind, id, name, onremove }: Props = $props();
  /** A new one every time it is opened, so that nothing is said of what failed before. */
  const attempt = $derived(open ? new Attempt() : new Attempt());
  const SHOWN = 8;

  const asked = loaded(
    () => (open ? { kind, id } : undefined),
    async (path) => (path ? need(api.GET('/api/kept/{kind}/{id}/users', { params: { path } })) : undefined)
  );
  const users = $derived(asked.current ?? null);

  const remove = () =>
    attempt.run(async () => {
      await onremove();
      open = false;
    });
</script>

<Dialog bind:open title="Put “{name}” into the bin?">
  <div class="flex flex-col gap-3 text-sm">
    <p>It stays in the bin for 30 days and comes back from there as it was.</p>
    {#if users && users.length > 0}
      <div class="border-l-4 border-doubtful pl-2">
        <p class="font-semibold">It is used by:</p>
        <ul>
          {#each users.slice(0, SHOWN) as user (user.kind + user.id)}
            <li>
              {user.kind}
              <a class="text-accent underline underline-offset-2" href={pageOf(user.kind as Kind, user.id)}
                >{user.name}</a
              >
            </li>
          {/each}
        </ul>
        {#if users.length > SHOWN}<p>and {users.length - SHOWN} more</p>{/if}
        <p class="text-soft">They open all the same and say what is missing.</p>
      </div>
    {/if}
    <Failed why={asked.failed || attempt.failed} />
    <div class="flex justify-end gap-2">
      <Button onclick={() => (open = false)}>Cancel</Button>
      <Button kind="main" disabled={users === null && !asked.failed} onclick={() => void remove()}
        >Put into the bin</Button
      >
    </div>
  </div>
</Dialog>
