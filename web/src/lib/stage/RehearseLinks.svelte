<script lang="ts">
  import SubPlaces from '$lib/ui/SubPlaces.svelte';

  /** What belongs to practising: the stage, the questions, and the bands. */
  let { here }: { here: string } = $props();
  const PAGES = [
    { href: '/rehearse', word: 'Stage' },
    { href: '/recall', word: 'Recall' },
    { href: '/sounds', word: 'Sounds' }
  ];
</script>

<SubPlaces label="Rehearse" pages={PAGES} {here} />
