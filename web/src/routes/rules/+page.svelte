<script lang="ts">
  let { data } = $props();
  const topics = $derived([...new Set(data.rules.map((rule) => rule.id.split('.')[0] ?? ''))]);
</script>

<svelte:head><title>Rules · Fluid Frame</title></svelte:head>
<h1 class="mb-1 text-3xl">Rules</h1>
<p class="mb-4 max-w-prose text-soft">
  What the tool holds every chart against. It explains and proposes; you decide, and may accept any finding with a
  reason.
</p>
<div class="columns-1 gap-8 lg:columns-2">
  {#each topics as topic (topic)}
    <section class="mb-5 break-inside-avoid">
      <h2 class="border-b-2 border-ink text-lg capitalize">{topic}</h2>
      <dl>
        {#each data.rules.filter((rule) => rule.id.startsWith(`${topic}.`)) as rule (rule.id)}
          <dt class="mt-2 font-semibold">{rule.statement}</dt>
          <dd class="text-sm text-soft">
            {rule.id}{#if rule.exceptions.length > 0}. Left alone: {rule.exceptions.join(' ')}{/if}
          </dd>
        {/each}
      </dl>
    </section>
  {/each}
</div>
