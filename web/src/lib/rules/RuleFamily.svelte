<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import FigureFloor from '$lib/floor/FigureFloor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';

  interface Props {
    topic: string;
    rules: Schemas['RuleView'][];
    example: Schemas['ExampleView'] | undefined;
  }

  let { topic, rules, example }: Props = $props();
  const settings = getSettings();
  const finding = $derived(example?.work.findings[0]);
  const focus = $derived(
    finding?.role && finding.step > 0 ? { role: finding.role as 'man' | 'lady', step: finding.step } : null
  );
</script>

<section id={topic} class="mb-7" aria-label={topic}>
  <h2 class="border-b-2 border-ink text-xl capitalize">{topic}</h2>
  <div class="grid gap-6 pt-2 lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
    <dl class="gap-8 md:columns-2">
      {#each rules as rule (rule.id)}
        <div class="mb-2 break-inside-avoid">
          <dt class="leading-snug font-semibold">{settings.say(rule.statement)}</dt>
          <dd class="text-sm text-soft">
            {#if rule.exceptions.length > 0}Left alone: {settings.say(rule.exceptions.join(' '))}{/if}
            <code class="text-xs">{rule.id}</code>
          </dd>
        </div>
      {/each}
    </dl>
    {#if example && finding}
      <figure class="self-start">
        <FigureFloor work={example.work} {focus} plain />
        <figcaption class="mt-1 text-sm">
          <span class="font-semibold">{example.name}.</span>
          {settings.tell(example.summary, false)}
          <span
            class={[
              'mt-1 block border-l-4 pl-2',
              finding.severity === 'broken'
                ? 'border-broken'
                : finding.severity === 'doubtful'
                  ? 'border-doubtful'
                  : 'border-line'
            ]}><span class="font-semibold">{finding.severity}</span> “{settings.say(finding.reason)}”</span
          >
        </figcaption>
      </figure>
    {/if}
  </div>
</section>
