<script lang="ts">
  import { api, need, type Schemas } from '$lib/api/client';
  import { getSettings } from '$lib/settings/settings.svelte';
  import { RoutineEditor, setRoutineEditor } from './routine-editor.svelte';
  import Tabs from '$lib/ui/Tabs.svelte';
  import BlockedPanel from '$lib/routine/panels/BlockedPanel.svelte';
  import BudgetPanel from '$lib/routine/panels/BudgetPanel.svelte';
  import FigurePanel from '$lib/routine/panels/FigurePanel.svelte';
  import FollowPanel from '$lib/routine/panels/FollowPanel.svelte';
  import JoinPanel from '$lib/routine/panels/JoinPanel.svelte';
  import MusicPanel from '$lib/routine/panels/MusicPanel.svelte';
  import Ribbon from '$lib/routine/ribbon/Ribbon.svelte';
  import RoutineFloor from '$lib/routine/panels/RoutineFloor.svelte';
  import RoutineHeader from './RoutineHeader.svelte';
  import SmallPlayer from '$lib/stage/SmallPlayer.svelte';
  import VersionsPanel from '$lib/routine/panels/VersionsPanel.svelte';

  interface Props {
    view: Schemas['RoutineView'];
    dances: Schemas['DanceView'][];
    terms: Schemas['RoutineTerms'];
  }

  let { view, dances, terms }: Props = $props();
  // The desk is made anew for every routine, so the first view is the one it edits.
  // svelte-ignore state_referenced_locally
  const editor = setRoutineEditor(new RoutineEditor(view, terms));
  let dancing = $state(false);

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
    { value: 'made', word: 'What is in it' },
    { value: 'blocked', word: 'If blocked' },
    { value: 'versions', word: 'Versions' }
  ];
  let tab = $state('next');
</script>

<RoutineHeader />
<Ribbon />
<div class="mt-4 grid grid-cols-1 gap-5 lg:grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)]">
  {#if dancing}
    <SmallPlayer
      of={editor.routine}
      load={(count) => need(api.POST('/api/motion/routines', { params: { query: { count } }, body: editor.routine }))}
      onclose={() => (dancing = false)}
    />
  {:else}
    <RoutineFloor ondance={() => (dancing = true)} />
  {/if}
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
