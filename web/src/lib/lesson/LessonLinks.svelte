<script lang="ts">
  import SubPlaces from '$lib/ui/SubPlaces.svelte';

  /** The pages about teaching, and which of them is open. */
  let { here }: { here: string } = $props();
  const PAGES = [
    { href: '/lessons', word: 'Week' },
    { href: '/classes', word: 'Classes' },
    { href: '/practice', word: 'Practice' },
    { href: '/drills', word: 'Drills' },
    { href: '/drills?of=cards', word: 'Set-up cards' }
  ];
</script>

<SubPlaces label="Teaching" pages={PAGES} {here} />
