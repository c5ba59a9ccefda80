<script lang="ts">
  import { page } from '$app/state';
  import { api, need, type FigureView, type RoleName, type Word } from '$lib/api/client';
  import FigureFloor from '$lib/floor/FigureFloor.svelte';
  import TurnLedger from '$lib/floor/TurnLedger.svelte';
  import { FigureEditor, setFigureEditor } from './figure-editor.svelte';
  import { getSettings, LAYERS } from '$lib/settings/settings.svelte';
  import { onMount } from 'svelte';
  import DeskBar from './DeskBar.svelte';
  import DeskHeader from './DeskHeader.svelte';
  import FigureAbout from '$lib/figure/about/FigureAbout.svelte';
  import FillDialog from '$lib/figure/tools/FillDialog.svelte';
  import OtherDrafts from './OtherDrafts.svelte';
  import PartnerDialog from '$lib/figure/tools/PartnerDialog.svelte';
  import ReadingSheet from '$lib/figure/spine/ReadingSheet.svelte';
  import SmallPlayer from '$lib/stage/SmallPlayer.svelte';
  import Spine from '$lib/figure/spine/Spine.svelte';
  import TimingDialog from '$lib/figure/tools/TimingDialog.svelte';
  import type { Tool } from '$lib/figure/tools/tools';
  import TypeDialog from '$lib/figure/tools/TypeDialog.svelte';
  import WholeFindings from '$lib/figure/about/WholeFindings.svelte';

  interface Props {
    view: FigureView;
    vocabulary: Record<string, Word[]>;
    /** The style of charting that the figure's dance belongs to. */
    style: string;
  }

  let { view, vocabulary, style }: Props = $props();
  // The desk is made anew for every figure, so the first view is the one it edits.
  // svelte-ignore state_referenced_locally
  const editor = setFigureEditor(new FigureEditor(view));
  const settings = getSettings();
  let only = $state<'both' | RoleName>('both');
  let reading = $state(false);
  let dancing = $state(false);
  let tool = $state<Tool | ''>('');
  const opened = (name: Tool) => ({
    get open() {
      return tool === name;
    },
    set open(on: boolean) {
      tool = on ? name : '';
    }
  });
  const [typing, partner, timing, fill] = [opened('type'), opened('partner'), opened('timing'), opened('fill')];
  const TOOL_KEYS: Record<string, Tool> = { l: 'type', p: 'partner', t: 'timing', f: 'fill' };

  // Looking at a figure is looking at its dance: the lists come back to it.
  // svelte-ignore state_referenced_locally
  settings.prefer({ dance: view.document.dance, style });

  // A lesson opens the chart at the row it is about.
  onMount(() => {
    const row = Number(page.url.searchParams.get('row'));
    const role = page.url.searchParams.get('role') === 'lady' ? 'lady' : 'man';
    const cell = document.querySelector<HTMLElement>(`[data-cell^="${role}-${row - 1}-"]`);
    if (!Number.isInteger(row) || row < 1 || !cell) return;
    editor.look(role, row);
    cell.focus({ preventScroll: true });
    cell.scrollIntoView({ block: 'center' });
  });

  /** Goes to the next mark in the margin, round and round. */
  function nextMark() {
    const marks = [...document.querySelectorAll<HTMLElement>('.finding-mark')];
    const at = marks.indexOf(document.activeElement as HTMLElement);
    marks[(at + 1) % marks.length]?.focus();
  }

  function onkeydown(event: KeyboardEvent) {
    const key = event.key.toLowerCase();
    if (event.altKey && !event.ctrlKey) {
      const wanted = TOOL_KEYS[key];
      const layer = LAYERS[Number(event.key) - 1];
      if (wanted && !editor.locked) tool = wanted;
      else if (layer) settings.fold(layer);
      else if (key === 'r') reading = !reading;
      else return;
      event.preventDefault();
      return;
    }
    if (!(event.ctrlKey || event.metaKey)) return;
    if (key === 'm') {
      event.preventDefault();
      nextMark();
    }
  }
</script>

<svelte:window {onkeydown} />

<DeskHeader onjump={nextMark} />
<DeskBar bind:only bind:reading onopen={(name) => (tool = name)} />
<OtherDrafts />
<WholeFindings />
<div class="grid grid-cols-1 gap-5 xl:grid-cols-[minmax(0,1.42fr)_minmax(0,1fr)]">
  <div class="min-w-0">
    <div class={reading ? '' : 'sm:hidden'}><ReadingSheet {only} /></div>
    {#if !reading}<div class="hidden sm:block"><Spine {vocabulary} {only} /></div>{/if}
  </div>
  <div class="flex flex-col gap-4 xl:sticky xl:top-2 xl:self-start">
    {#if dancing}
      <SmallPlayer
        of={editor.chart}
        load={(count) => need(api.POST('/api/motion/figures', { params: { query: { count } }, body: editor.chart }))}
        onclose={() => (dancing = false)}
      />
    {:else}
      <FigureFloor
        work={editor.drawn}
        name={editor.chart.id}
        focus={editor.focus}
        onfocus={(focus) => editor.look(focus.role, focus.step)}
        whose={only}
        ondance={() => (dancing = true)}
      />
    {/if}
    <TurnLedger work={editor.drawn} focus={editor.focus} onfocus={(focus) => editor.look(focus.role, focus.step)} />
  </div>
</div>
<FigureAbout />

<TypeDialog bind:open={typing.open} />
<PartnerDialog bind:open={partner.open} />
<TimingDialog bind:open={timing.open} />
<FillDialog bind:open={fill.open} />
