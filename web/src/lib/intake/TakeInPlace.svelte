<script lang="ts">
  import { pageOf, type Kind } from '$lib/editing/kinds';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import { intake } from './intake.svelte';
  import TakeInDialog from './TakeInDialog.svelte';

  /** Files dropped anywhere are taken in here, and what was taken last is told until it is put aside. */
  const SHOWN = 6;
  let over = $state(false);
  const taken = $derived(intake.receipt?.taken ?? []);

  const brings = (event: DragEvent) => event.dataTransfer?.types.includes('Files') ?? false;

  function dragged(event: DragEvent) {
    if (!brings(event)) return;
    event.preventDefault();
    over = true;
  }

  function dropped(event: DragEvent) {
    if (!brings(event)) return;
    event.preventDefault();
    over = false;
    void intake.look([...(event.dataTransfer?.files ?? [])]);
  }
</script>

<svelte:window
  ondragover={dragged}
  ondragleave={(event) => (over = over && event.relatedTarget !== null)}
  ondrop={dropped}
/>

{#if over}
  <div class="pointer-events-none fixed inset-3 z-50 grid place-items-center border-4 border-dashed border-accent">
    <p class="bg-raised px-4 py-2 font-display text-2xl">Drop to take in</p>
  </div>
{/if}
{#if intake.receipt}
  <section
    aria-label="Taken in"
    class="flex flex-wrap items-baseline gap-x-3 gap-y-1 border-b border-line bg-sound-tint px-3 py-2 text-sm sm:px-5"
  >
    <p role="status">
      Taken in:
      {#each taken.slice(0, SHOWN) as put, nth (nth)}{nth > 0 ? ', ' : ''}<a
          class="text-accent underline underline-offset-2"
          href={pageOf(put.kind as Kind, put.id)}>{put.name}</a
        >{/each}{taken.length > SHOWN ? ` and ${taken.length - SHOWN} more` : ''}.
    </p>
    <span class="ml-auto flex gap-2">
      <Button disabled={intake.busy !== ''} onclick={() => void intake.undo()}>Undo taking in</Button>
      <Button kind="quiet" onclick={() => (intake.receipt = null)}>All right</Button>
    </span>
    <Failed why={intake.failed} small />
  </section>
{/if}
<TakeInDialog />
