<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas } from '$lib/api/client';
  import Button from '$lib/components/ui/Button.svelte';
  import Dialog from '$lib/components/ui/Dialog.svelte';
  import { pageOf, type Kind } from './kinds';

  interface Props {
    open: boolean;
    kind: Kind;
    id: string;
    name: string;
    onremove: () => Promise<unknown>;
  }

  let { open = $bindable(), kind, id, name, onremove }: Props = $props();
  let users = $state.raw<Schemas['User'][] | null>(null);
  const attempt = new Attempt();
  const SHOWN = 8;

  $effect(() => {
    if (!open) return;
    users = null;
    void attempt.run(async () => {
      users = await need(api.GET('/api/kept/{kind}/{id}/users', { params: { path: { kind, id } } }));
    });
  });

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
    {#if attempt.failed}<p role="alert" class="text-broken">{attempt.failed}</p>{/if}
    <div class="flex justify-end gap-2">
      <Button onclick={() => (open = false)}>Cancel</Button>
      <Button kind="main" disabled={users === null && !attempt.failed} onclick={() => void remove()}
        >Put into the bin</Button
      >
    </div>
  </div>
</Dialog>
