<script lang="ts">
  import { getFigureEditor } from '$lib/figure/figure-editor.svelte';
  import { placeOf } from './piece-words';
  import { getSettings } from '$lib/settings/settings.svelte';

  /** Findings about the figure as a whole or a variant, and cells outside the rows that cannot be read. */
  const editor = getFigureEditor();
  const settings = getSettings();
  const whole = $derived(editor.work.findings.filter((f) => (f.step === 0 || f.variant) && !f.accepted));
  const unread = $derived(editor.problems.filter((p) => !/^\/(man|lady)\/\d+\/\w+$/.test(p.path)));
</script>

{#if whole.length > 0 || unread.length > 0}
  <ul class="mb-3 flex flex-col gap-1 text-sm" aria-label="Findings about the whole figure">
    {#each whole as finding, nth (nth)}
      <li
        class={[
          'border-l-4 px-2 py-1',
          finding.severity === 'broken' ? 'border-broken bg-broken-tint' : 'border-doubtful bg-doubtful-tint'
        ]}
      >
        <span class="font-semibold">{finding.severity}</span>
        {finding.variant ? `In the variant ${finding.variant}: ` : ''}{settings.say(finding.reason)}
      </li>
    {/each}
    {#each unread as problem, nth (nth)}
      <li class="border-l-4 border-broken bg-broken-tint px-2 py-1" role="alert">
        {#if placeOf(problem, editor.chart)}<span class="font-semibold"
            >{settings.say(placeOf(problem, editor.chart))}</span
          > cannot be read:{/if}
        {settings.say(problem.message)}
      </li>
    {/each}
  </ul>
{/if}
