<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { getSettings } from '$lib/state/settings.svelte';
  import { RoutineEditor, setRoutineEditor } from '$lib/state/routine-editor.svelte';
  import Tabs from '$lib/components/ui/Tabs.svelte';
  import BlockedPanel from './BlockedPanel.svelte';
  import BudgetPanel from './BudgetPanel.svelte';
  import FigurePanel from './FigurePanel.svelte';
  import FollowPanel from './FollowPanel.svelte';
  import JoinPanel from './JoinPanel.svelte';
  import MusicPanel from './MusicPanel.svelte';
  import Ribbon from './Ribbon.svelte';
  import RoutineFloor from './RoutineFloor.svelte';
  import RoutineHeader from './RoutineHeader.svelte';
  import VersionsPanel from './VersionsPanel.svelte';

  interface Props {
    view: Schemas['RoutineView'];
    dances: Schemas['DanceView'][];
    terms: Schemas['RoutineTerms'];
  }

  let { view, dances, terms }: Props = $props();
  // The desk is made anew for every routine, so the first view is the one it edits.
  // svelte-ignore state_referenced_locally
  setRoutineEditor(new RoutineEditor(view, terms));

  // The dances at the top show the one that is on the desk.
  // svelte-ignore state_referenced_locally
  const { dance } = view.document;
  // svelte-ignore state_referenced_locally
  const style = dances.find((one) => one.id === dance)?.style;
  getSettings().prefer(style ? { dance, style } : { dance });

  const TABS = [
    { value: 'next', word: 'Join and next' },
    { value: 'figure', word: 'Figure' },
    { value: 'music', word: 'Music' },
    { value: 'made', word: 'Made of' },
    { value: 'blocked', word: 'Blocked' },
    { value: 'versions', word: 'Versions' }
  ];
  let tab = $state('next');
</script>

<RoutineHeader />
<Ribbon />
<div class="mt-4 grid grid-cols-1 gap-5 lg:grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)]">
  <RoutineFloor />
  <Tabs label="About the routine" tabs={TABS} bind:value={tab}>
    {#snippet panel(shown)}
      {#if shown === 'next'}
        <div class="flex min-w-0 flex-col gap-4">
          <JoinPanel />
          <FollowPanel />
        </div>
      {:else if shown === 'figure'}<FigurePanel />
      {:else if shown === 'music'}<MusicPanel />
      {:else if shown === 'made'}<BudgetPanel />
      {:else if shown === 'blocked'}<BlockedPanel />
      {:else}<VersionsPanel />{/if}
    {/snippet}
  </Tabs>
</div>
