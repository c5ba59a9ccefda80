<script lang="ts">
  import SubPlaces from '$lib/ui/SubPlaces.svelte';

  /** The pages about the library as a whole, and which of them is open. */
  let { here }: { here: string } = $props();
  const PAGES = [
    { href: '/figures', word: 'Library' },
    { href: '/lists', word: 'Lists' },
    { href: '/sheet', word: 'Syllabus sheet' },
    { href: '/coverage', word: 'Coverage' },
    { href: '/strips', word: 'Pictures' },
    { href: '/elements', word: 'Free elements' },
    { href: '/rules', word: 'Rules' },
    { href: '/glossary', word: 'Glossary' }
  ];
</script>

<SubPlaces label="Library" pages={PAGES} {here} />
