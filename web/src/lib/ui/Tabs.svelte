<script lang="ts" module>
  export interface Tab {
    value: string;
    word: string;
  }
</script>

<script lang="ts">
  import { Tabs } from 'bits-ui';
  import type { Snippet } from 'svelte';

  interface Props {
    label: string;
    tabs: Tab[];
    value: string;
    panel: Snippet<[string]>;
  }

  let { label, tabs, value = $bindable(), panel }: Props = $props();
</script>

<Tabs.Root bind:value class="flex min-w-0 flex-col gap-3">
  <Tabs.List aria-label={label} class="flex flex-wrap gap-x-4 border-b border-strong text-sm">
    {#each tabs as tab (tab.value)}
      <Tabs.Trigger
        value={tab.value}
        class="-mb-px border-b-2 border-transparent py-0.5 text-soft hover:text-ink data-[state=active]:border-accent data-[state=active]:font-semibold data-[state=active]:text-accent"
        >{tab.word}</Tabs.Trigger
      >
    {/each}
  </Tabs.List>
  {#each tabs as tab (tab.value)}
    <Tabs.Content value={tab.value} class="min-w-0">
      {#if value === tab.value}{@render panel(tab.value)}{/if}
    </Tabs.Content>
  {/each}
</Tabs.Root>
