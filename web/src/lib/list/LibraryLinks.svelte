<script lang="ts">
  /** The pages about the library as a whole, and which of them is open. */
  let { here }: { here: string } = $props();
  const PAGES = [
    { href: '/figures', word: 'Library' },
    { href: '/lists', word: 'Lists' },
    { href: '/sheet', word: 'Syllabus sheet' },
    { href: '/coverage', word: 'Coverage' },
    { href: '/strips', word: 'Pictures' },
    { href: '/elements', word: 'Free elements' },
    { href: '/rules', word: 'Rules' }
  ];
</script>

<nav aria-label="Library" class="mb-2 flex flex-wrap gap-x-4 text-sm print:hidden">
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
