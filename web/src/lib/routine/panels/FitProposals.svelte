<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas } from '$lib/api/client';
  import Button from '$lib/ui/Button.svelte';
  import { getRoutineEditor } from '$lib/routine/routine-editor.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  interface Props {
    /** What the proposals are for, as said on the button. */
    words: string;
    /** The figures replaced, from 0 and without the last; the same twice to put something in. */
    from: number;
    to: number;
    beats: number;
  }

  let { words, from, to, beats }: Props = $props();
  const editor = getRoutineEditor();
  let found = $state.raw<{ of: unknown; place: string; list: Schemas['FillerView'][] } | null>(null);
  const attempt = new Attempt();
  /** Good only for the routine and the place they were made for. */
  const place = $derived([from, to, beats].join());
  const list = $derived(found && found.of === editor.routine && found.place === place ? found.list : null);

  async function find() {
    const asked = { of: editor.routine, place };
    await attempt.run(async () => {
      const params = { query: { from, to, beats } };
      found = { ...asked, list: await need(api.POST('/api/routines/fill', { params, body: asked.of })) };
    });
  }
</script>

<div>
  <Button onclick={() => void find()}>{words}</Button>
  <Failed why={attempt.failed} />
  {#if list}
    <ul class="mt-1 max-h-36 overflow-y-auto" aria-label={words}>
      {#each list as filler, nth (nth)}
        <li>
          <button
            type="button"
            class="w-full border-b border-line px-1 py-0.5 text-left hover:bg-sheet"
            onclick={() => editor.put(from, to, filler.figures)}>{filler.name}</button
          >
        </li>
      {:else}<li class="text-soft">Nothing of up to four figures lasts so long and joins here.</li>{/each}
    </ul>
  {/if}
</div>
