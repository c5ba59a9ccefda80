<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { HTMLButtonAttributes } from 'svelte/elements';

  interface Props extends HTMLButtonAttributes {
    children: Snippet;
    /** A main action stands out; a quiet one is only text until touched. */
    kind?: 'main' | 'plain' | 'quiet';
  }

  let { children, kind = 'plain', class: extra = '', ...rest }: Props = $props();
  const looks = {
    main: 'border-accent bg-accent text-on-accent hover:opacity-90',
    plain: 'border-strong bg-raised text-ink hover:border-accent hover:text-accent',
    quiet: 'border-transparent text-soft hover:border-line hover:text-ink'
  };
</script>

<button
  type="button"
  class={[
    'inline-flex items-center gap-1.5 rounded-xs border px-2.5 py-1 text-sm disabled:opacity-45',
    looks[kind],
    'aria-pressed:border-accent aria-pressed:bg-tint aria-pressed:font-semibold aria-pressed:text-accent',
    extra
  ]}
  {...rest}>{@render children()}</button
>
