<script lang="ts">
  import Button from './Button.svelte';

  interface Props {
    label: string;
    placeholder: string;
    /** The word on the button. */
    word: string;
    onadd: (text: string) => void;
  }

  /** One more line of words. */
  let { label, placeholder, word, onadd }: Props = $props();
  let text = $state('');

  function add(event: SubmitEvent) {
    event.preventDefault();
    onadd(text.trim());
    text = '';
  }
</script>

<form onsubmit={add} class="mt-1 flex gap-2">
  <input
    bind:value={text}
    maxlength="300"
    aria-label={label}
    {placeholder}
    class="min-w-0 grow rounded-xs border border-line bg-raised px-2 py-1 text-sm"
  />
  <Button type="submit" disabled={text.trim() === ''}>{word}</Button>
</form>
