<script lang="ts">
  import type { Editor } from '$lib/editing/editor.svelte';
  import AddLine from '$lib/ui/AddLine.svelte';
  import Button from '$lib/ui/Button.svelte';

  /** What is promised for next time. */
  let { editor }: { editor: Editor<'lesson'> } = $props();
  const promises = $derived(editor.state.promises ?? []);
</script>

<section aria-label="Promised for next time">
  <h2 class="mb-1 text-lg">For next time</h2>
  <ul class="text-sm">
    {#each promises as promise, nth (nth)}
      <li class="flex items-center gap-2 border-t border-line py-0.5">
        <label class="flex grow gap-2"
          ><input
            type="checkbox"
            checked={promise.kept ?? false}
            onchange={(e) =>
              editor.describe({ promises: promises.with(nth, { ...promise, kept: e.currentTarget.checked }) })}
          />
          <span class={promise.kept ? 'text-soft line-through' : ''}>{promise.text}</span>
          <span class="sr-only">kept</span></label
        >
        <Button
          kind="quiet"
          aria-label="Take out {promise.text}"
          onclick={() => editor.describe({ promises: promises.filter((_, other) => other !== nth) })}>×</Button
        >
      </li>
    {/each}
  </ul>
  <AddLine
    label="A promise"
    placeholder="the spin turn to music"
    word="Promise"
    onadd={(text) => editor.describe({ promises: [...promises, { text, kept: false }] })}
  />
</section>
