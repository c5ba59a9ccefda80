<script lang="ts">
  import LibraryLinks from '$lib/list/LibraryLinks.svelte';
  import RuleFamily from '$lib/rules/RuleFamily.svelte';

  let { data } = $props();
  const topics = $derived([...new Set(data.rules.map((rule) => rule.id.split('.')[0] ?? ''))]);
</script>

<svelte:head><title>Rules · Fluid Frame</title></svelte:head>
<LibraryLinks here="/rules" />
<h1 class="mb-1 text-3xl">Rules</h1>
<p class="mb-2 max-w-prose text-soft">
  What the tool holds every chart against: {data.rules.length} rules in {topics.length} families, each with a chart that has
  one fault on purpose. It explains and proposes; you decide, and may accept any finding with a reason.
</p>
<p class="mb-4 flex flex-wrap gap-3 text-sm">
  {#each topics as topic, nth (nth)}<a
      class="underline decoration-line underline-offset-2 hover:decoration-accent"
      href="#{topic}">{topic}</a
    >{/each}
</p>
{#each topics as topic, nth (nth)}
  <RuleFamily
    {topic}
    rules={data.rules.filter((rule) => rule.id.startsWith(`${topic}.`))}
    example={data.examples.find((example) => example.topic === topic)}
  />
{/each}
