<script lang="ts">
  import Button from '$lib/ui/Button.svelte';
  import Dialog from '$lib/ui/Dialog.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import { intake } from './intake.svelte';
  import TakeInThing from './TakeInThing.svelte';

  const FIRST = 100;
  let every = $state(false);
  const shown = $derived(every ? intake.offered : intake.offered.slice(0, FIRST));
  const differing = $derived(intake.offered.filter((one) => one.thing.state === 'different').length);
  const count = $derived(intake.wanted.length);
  const counted = (n: number) => (n === 1 ? 'one thing' : `${n} things`);
</script>

<Dialog bind:open={() => intake.open, (on) => on || intake.close()} title="Take in" wide>
  {#if intake.busy}<p role="status" class="mb-2 text-sm text-soft">{intake.busy}</p>{/if}
  <Failed why={intake.failed} />
  {#each intake.looked as view, nth (nth)}
    <p class="text-sm">
      <span class="font-semibold break-all">{view.file}</span> is {view.what}{view.things.length > 1
        ? ` with ${view.things.length} things`
        : ''}.
      {#each view.notes as note, at (at)}<span class="block text-soft">{note}</span>{/each}
    </p>
    {#if view.problems.length > 0}
      <ul class="mb-2 max-h-40 overflow-auto border-l-4 border-broken pl-2 text-sm" aria-label="What cannot be read">
        {#each view.problems as problem, at (at)}
          <li>
            {#if problem.line > 0}<span class="text-soft">line {problem.line}, column {problem.column}:</span>{/if}
            {problem.message}
          </li>
        {/each}
      </ul>
    {/if}
  {/each}
  {#if differing > 1}
    <p class="mt-2 flex flex-wrap items-center gap-2 text-sm text-soft">
      All {differing} that differ:
      <Button kind="quiet" onclick={() => intake.choose('different', 'take')}>take them</Button>
      <Button kind="quiet" onclick={() => intake.choose('different', 'keep')}>keep mine</Button>
      <Button kind="quiet" onclick={() => intake.choose('different', 'both')}>both</Button>
    </p>
  {/if}
  {#if intake.offered.length > 0}
    <ul class="mt-2 max-h-[50vh] overflow-auto border-y border-line" aria-label="What comes">
      {#each shown as offered, nth (nth)}<TakeInThing {offered} />{/each}
      {#if !every && intake.offered.length > FIRST}
        <li class="py-2 text-sm">
          <Button kind="quiet" onclick={() => (every = true)}>{intake.offered.length - FIRST} more</Button>
        </li>
      {/if}
    </ul>
  {/if}
  <p class="mt-2 text-xs text-soft">
    Of what is replaced a version is kept, and all of it can be undone in one step. Take in only what comes from
    somebody you know.
  </p>
  <div class="mt-3 flex justify-end gap-2">
    <Button onclick={() => intake.close()}>Cancel</Button>
    <Button kind="main" disabled={count === 0 || intake.busy !== ''} onclick={() => void intake.take()}
      >{count === 0 ? 'Nothing to take' : `Take in ${counted(count)}`}</Button
    >
  </div>
</Dialog>
