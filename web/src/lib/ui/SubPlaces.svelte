<script lang="ts">
  interface Props {
    label: string;
    pages: readonly { href: string; word: string }[];
    here: string;
  }

  /** The pages of one place, and which of them is open. */
  let { label, pages, here }: Props = $props();
</script>

<nav aria-label={label} class="mb-2 flex flex-wrap gap-x-4 text-sm print:hidden">
  {#each pages as page (page.href)}
    <a
      href={page.href}
      aria-current={page.href === here ? 'page' : undefined}
      class={page.href === here
        ? 'font-semibold text-ink'
        : 'text-soft underline-offset-4 hover:text-accent hover:underline'}>{page.word}</a
    >
  {/each}
</nav>
