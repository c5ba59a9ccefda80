<script lang="ts">
  import type { Editor } from '$lib/editing/editor.svelte';
  import Button from '$lib/ui/Button.svelte';
  import type { Known } from './evening';

  /** Who is kept apart, and who dances with each other whenever both are there. */
  let { editor, people }: { editor: Editor<'class'>; people: readonly Known[] } = $props();
  let one = $state('');
  let other = $state('');
  const called = (id: string) => people.find((person) => person.id === id)?.name ?? id;
  const LISTS = [
    { key: 'apart', words: 'apart' },
    { key: 'together', words: 'together' }
  ] as const;
  /** Whether something has been said of these two already. */
  const said = $derived(
    LISTS.some(({ key }) =>
      (editor.state[key] ?? []).some(
        (two) => (two.one === one && two.other === other) || (two.one === other && two.other === one)
      )
    )
  );
  const ready = $derived(one !== '' && other !== '' && one !== other && !said);
  const field = 'min-w-0 flex-1 rounded-xs border border-line bg-raised px-1 py-0.5 text-sm';

  function add(key: 'apart' | 'together') {
    editor.describe({ [key]: [...(editor.state[key] ?? []), { one, other }] });
    one = other = '';
  }
  const drop = (key: 'apart' | 'together', nth: number) =>
    editor.describe({ [key]: (editor.state[key] ?? []).filter((_, at) => at !== nth) });
</script>

<section aria-label="Apart and together" class="text-sm">
  <h2 class="text-lg">Apart and together</h2>
  <ul>
    {#each LISTS as { key, words } (key)}
      {#each editor.state[key] ?? [] as two, nth (nth)}
        <li class="flex items-baseline gap-2 border-t border-line py-0.5">
          <span class="grow">{called(two.one)} and {called(two.other)} {words}</span>
          <Button
            kind="quiet"
            aria-label="No longer {words}: {called(two.one)} and {called(two.other)}"
            onclick={() => drop(key, nth)}>×</Button
          >
        </li>
      {/each}
    {/each}
  </ul>
  <div class="mt-1 flex flex-wrap items-center gap-1">
    <select bind:value={one} aria-label="One of two" class={field}>
      <option value="">one</option>
      {#each people as person (person.id)}<option value={person.id}>{person.name}</option>{/each}
    </select>
    <select bind:value={other} aria-label="The other of two" class={field}>
      <option value="">and another</option>
      {#each people as person (person.id)}<option value={person.id} disabled={person.id === one}>{person.name}</option
        >{/each}
    </select>
    <Button disabled={!ready} onclick={() => add('apart')}>Apart</Button>
    <Button disabled={!ready} onclick={() => add('together')}>Together</Button>
  </div>
</section>
