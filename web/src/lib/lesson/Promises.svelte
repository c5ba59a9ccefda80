<script lang="ts">
  import type { Editor } from '$lib/editing/editor.svelte';
  import Button from '$lib/ui/Button.svelte';

  /** What is promised for next time. */
  let { editor }: { editor: Editor<'lesson'> } = $props();
  let text = $state('');
  const promises = $derived(editor.state.promises ?? []);

  function add(event: SubmitEvent) {
    event.preventDefault();
    editor.describe({ promises: [...promises, { text: text.trim(), kept: false }] });
    text = '';
  }
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
  <form onsubmit={add} class="mt-1 flex gap-2">
    <input
      bind:value={text}
      maxlength="300"
      aria-label="A promise"
      placeholder="the spin turn to music"
      class="min-w-0 grow rounded-xs border border-line bg-raised px-2 py-1 text-sm"
    />
    <Button type="submit" disabled={text.trim() === ''}>Promise</Button>
  </form>
</section>
