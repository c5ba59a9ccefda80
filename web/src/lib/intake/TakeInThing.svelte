<script lang="ts">
  import { getSettings } from '$lib/settings/settings.svelte';
  import SwitchRow from '$lib/ui/SwitchRow.svelte';
  import { intake, type Choice, type Offered } from './intake.svelte';

  let { offered }: { offered: Offered } = $props();
  const settings = getSettings();
  const STATES: Record<string, { word: string; look: string }> = {
    new: { word: 'new here', look: 'bg-sound-tint text-sound' },
    same: { word: 'the same as here', look: 'text-soft' },
    different: { word: 'differs from here', look: 'bg-doubtful-tint text-doubtful' },
    binned: { word: 'lies in the bin', look: 'bg-doubtful-tint text-doubtful' }
  };
  const thing = $derived(offered.thing);
  const missing = $derived(intake.missing(thing));
  const state = $derived(STATES[thing.state] ?? { word: thing.state, look: 'text-soft' });
  const options = $derived(
    thing.state === 'new'
      ? [
          { value: 'take', label: 'take' },
          { value: 'keep', label: 'leave' }
        ]
      : [
          { value: 'take', label: 'take' },
          { value: 'keep', label: thing.state === 'binned' ? 'leave' : 'keep mine' },
          { value: 'both', label: 'both' }
        ]
  );
</script>

<li class="border-b border-line py-2 last:border-0">
  <div class="flex flex-wrap items-baseline gap-x-3 gap-y-1">
    <span class="w-16 text-sm text-soft">{thing.kind}</span>
    <span class="font-display text-base font-semibold break-words">{thing.name}</span>
    <span class={['px-1.5 text-xs', state.look]}>{state.word}</span>
    {#if thing.state !== 'same'}
      <span class="ml-auto"
        ><SwitchRow
          label="What becomes of “{thing.name}”"
          value={offered.choice}
          {options}
          onpick={(choice) => (offered.choice = choice as Choice)}
        /></span
      >
    {/if}
  </div>
  {#if missing.length > 0}
    <p class="mt-1 pl-19 text-xs text-doubtful">
      It names what is neither here nor in the file: {missing.join(', ')}.
    </p>
  {/if}
  {#if thing.differences.length > 0}
    <details class="mt-1 sm:pl-19">
      <summary class="cursor-pointer text-xs text-soft">what is different</summary>
      <table class="mt-1 w-full text-xs" aria-label="What is different in {thing.name}">
        <thead class="text-left text-soft">
          <tr
            ><th class="pr-3 font-normal">where</th><th class="pr-3 font-normal">here</th><th class="font-normal"
              >in the file</th
            ></tr
          >
        </thead>
        <tbody>
          {#each thing.differences as difference, nth (nth)}
            <tr class="border-t border-line align-top">
              <th scope="row" class="py-0.5 pr-3 text-left font-normal text-soft">{settings.say(difference.where)}</th>
              <td class="py-0.5 pr-3 break-words">{difference.before || 'nothing'}</td>
              <td class="py-0.5 font-semibold break-words">{difference.after || 'nothing'}</td>
            </tr>
          {/each}
        </tbody>
      </table>
    </details>
  {/if}
</li>
