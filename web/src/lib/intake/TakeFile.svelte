<script lang="ts">
  import { intake } from './intake.svelte';

  /** Files to be taken in, whatever they are. */
  let { label }: { label: string } = $props();

  function picked(event: Event & { currentTarget: HTMLInputElement }) {
    const field = event.currentTarget;
    const files = [...(field.files ?? [])];
    field.value = '';
    if (files.length > 0) void intake.look(files);
  }
</script>

<label
  class="cursor-pointer rounded-xs border border-strong bg-raised px-2.5 py-1 text-sm whitespace-nowrap hover:border-accent hover:text-accent has-focus-visible:outline-2 has-focus-visible:outline-accent"
  >{label} <input type="file" multiple onchange={picked} class="sr-only" /></label
>
