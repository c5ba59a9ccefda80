<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import SmallStage from './SmallStage.svelte';

  interface Props {
    /** What is danced, as it is typed; asked anew whenever it changes. */
    of: unknown;
    load: (count: string) => Promise<Schemas['MotionView']>;
    onclose: () => void;
  }

  /** What is on a desk, danced from above in the place of its floor. */
  let { of, load, onclose }: Props = $props();
  const settings = getSettings();
  const count = $derived(settings.count);
  const read = loaded(
    () => ({ of, count }),
    ({ count }) => load(count)
  );
</script>

<section aria-label="Danced" class="flex flex-col gap-1">
  <div class="flex items-center gap-2 text-sm">
    <h2 class="mr-auto text-base">Danced</h2>
    <Button kind="quiet" onclick={onclose}>back to the floor</Button>
  </div>
  <Failed small why={read.failed} />
  {#if read.current}
    {#key read.current}<SmallStage motion={read.current} />{/key}
  {:else if !read.failed}
    <p class="text-sm text-soft">Being worked out…</p>
  {/if}
</section>
