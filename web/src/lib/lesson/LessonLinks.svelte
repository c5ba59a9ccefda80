<script lang="ts">
  /** The pages about teaching, and which of them is open. */
  let { here }: { here: string } = $props();
  const PAGES = [
    { href: '/lessons', word: 'Week' },
    { href: '/drills', word: 'Drills' },
    { href: '/drills?of=cards', word: 'Set-up cards' }
  ];
</script>

<nav aria-label="Teaching" class="mb-2 flex flex-wrap gap-x-4 text-sm print:hidden">
  {#each PAGES as page (page.href)}
    <a
      href={page.href}
      aria-current={page.href === here ? 'page' : undefined}
      class={page.href === here
        ? 'font-semibold text-ink'
        : 'text-soft underline-offset-4 hover:text-accent hover:underline'}>{page.word}</a
    >
  {/each}
</nav>
