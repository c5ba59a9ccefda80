<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { getSettings } from '$lib/settings/settings.svelte';

  let { conditions }: { conditions: Schemas['ConditionView'][] } = $props();
  const settings = getSettings();
</script>

<table class="mt-1 w-full">
  <thead class="text-left text-xs text-soft"
    ><tr
      ><th class="font-normal">about</th><th class="font-normal">is left</th><th class="font-normal">is wanted</th></tr
    ></thead
  >
  <tbody>
    {#each conditions as condition, nth (nth)}
      <tr class={['border-t border-line align-top', !condition.holds && 'font-semibold text-broken']}>
        <th scope="row" class="pr-2 text-left font-normal">{settings.say(condition.kind)}</th><td class="pr-2"
          >{condition.left}</td
        ><td>{condition.wanted}{condition.holds ? '' : ' ✕'}</td>
      </tr>
    {/each}
  </tbody>
</table>
