<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { calledBy } from './evening';

  /** Who has danced with whom: tonight, in the rounds to come, and on earlier evenings. */
  let { rotation, earlier }: { rotation: Schemas['RotationView']; earlier: boolean } = $props();
  const people = $derived(rotation.people);
  const names = $derived(calledBy(people));
  const met = $derived(
    Object.fromEntries(
      rotation.grid.flatMap((two) => [
        [`${two.one} ${two.other}`, two],
        [`${two.other} ${two.one}`, two]
      ])
    )
  );
  /** Whether two could dance with each other at all. */
  const may = (one: Schemas['ClassPerson'], other: Schemas['ClassPerson']) =>
    (one.roles.includes('man') && other.roles.includes('lady')) ||
    (one.roles.includes('lady') && other.roles.includes('man'));
  const times = (count: number, words: string) => (count > 0 ? `${count} ${words}` : '');
  const said = (two: Schemas['ClassMet'] | undefined) =>
    two
      ? [times(two.danced, 'tonight'), times(two.planned, 'to come'), times(two.earlier, 'earlier')]
          .filter(Boolean)
          .join(', ')
      : 'not yet';
</script>

<div class="relative overflow-x-auto">
  <table class="border-separate border-spacing-0.5 text-xs">
    <caption class="sr-only">Who dances with whom</caption>
    <thead>
      <tr>
        <td></td>
        {#each people as person (person.id)}
          <th scope="col" class="h-20 w-7 p-0 align-bottom font-normal"
            ><span class="inline-block max-h-20 rotate-180 truncate [writing-mode:vertical-rl]">{names[person.id]}</span
            ></th
          >
        {/each}
        <th scope="col" class="h-20 px-1 align-bottom font-normal text-soft"
          ><span class="inline-block rotate-180 [writing-mode:vertical-rl]">waits</span></th
        >
      </tr>
    </thead>
    <tbody>
      {#each people as one (one.id)}
        <tr>
          <th scope="row" class="pr-1 text-right font-normal whitespace-nowrap">{names[one.id]}</th>
          {#each people as other (other.id)}
            {@const two = met[`${one.id} ${other.id}`]}
            <td
              title={one.id === other.id || !may(one, other)
                ? ''
                : `${names[one.id]} and ${names[other.id]}: ${said(two)}`}
              class={[
                'size-7 p-0 text-center',
                one.id === other.id || !may(one, other)
                  ? 'bg-transparent'
                  : two?.danced
                    ? 'bg-accent text-on-accent'
                    : two?.planned
                      ? 'border-2 border-accent'
                      : 'border border-line'
              ]}
            >
              {#if one.id !== other.id && may(one, other)}
                {#if two && two.danced + two.planned > 1}{two.danced +
                    two.planned}{/if}{#if earlier && two?.earlier}<sup class="opacity-80">{two.earlier}</sup>{/if}<span
                  class="sr-only">{said(two)}</span
                >
              {/if}
            </td>
          {/each}
          <td class="px-1 text-center">{one.waits || ''}</td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>
<p class="mt-1 text-xs text-soft">
  Filled: danced tonight; framed: to come; a number where it is more than once{earlier
    ? '; raised: on earlier evenings'
    : ''}. No field: both dance the same role.
</p>
