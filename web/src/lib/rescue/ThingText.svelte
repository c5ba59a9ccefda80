<script lang="ts">
  import { words } from '$lib/api/words';
  import Button from '$lib/ui/Button.svelte';
  import { keepText, textOf, type Thing } from './thing-text';

  interface Props {
    thing: Thing;
    /** Called when a text has been kept, for the view to be drawn anew. */
    onkept: () => void;
  }

  let { thing, onkept }: Props = $props();
  let text = $state('');
  let message = $state('');
  let open = $state(false);

  async function show() {
    open = true;
    try {
      text = await textOf(thing);
      message = '';
    } catch (error) {
      message = words(error);
    }
  }

  async function keep() {
    try {
      await keepText(thing, text);
      onkept();
      location.reload();
    } catch (error) {
      message = words(error);
    }
  }
</script>

{#if !open}
  <Button kind="main" onclick={() => void show()}>Open its text</Button>
{:else}
  <label class="text-sm"
    >The {thing.word} as it is kept
    <textarea
      class="mt-1 w-full rounded-xs border border-line bg-raised px-2 py-1 font-mono text-sm"
      rows="18"
      spellcheck="false"
      bind:value={text}></textarea></label
  >
  {#if message}<p role="alert" class="text-broken">{message}</p>{/if}
  <p class="mt-2 flex gap-2">
    <Button kind="main" onclick={() => void keep()}
      >{thing.kind === 'figure' ? 'Keep as unsaved work' : 'Keep this text'}</Button
    >
    <Button onclick={() => void navigator.clipboard.writeText(text).then(() => (message = 'Copied.'))}>Copy it</Button>
  </p>
{/if}
