<script lang="ts">
  import { beforeNavigate } from '$app/navigation';
  import { type FigureView, type Word } from '$lib/api/client';
  import FigureFloor from '$lib/components/floor/FigureFloor.svelte';
  import TurnLedger from '$lib/components/floor/TurnLedger.svelte';
  import { FigureEditor, setFigureEditor } from '$lib/state/figure-editor.svelte';
  import { getSettings } from '$lib/state/settings.svelte';
  import DeskHeader from './DeskHeader.svelte';
  import Spine from './Spine.svelte';
  import WholeFindings from './WholeFindings.svelte';

  let { view, vocabulary }: { view: FigureView; vocabulary: Record<string, Word[]> } = $props();
  // The desk is made anew for every figure, so the first view is the one it edits.
  // svelte-ignore state_referenced_locally
  const editor = setFigureEditor(new FigureEditor(view));
  const settings = getSettings();
  const teaching = $derived(editor.chart);

  beforeNavigate(() => void editor.flush());

  function onkeydown(event: KeyboardEvent) {
    const command = event.ctrlKey || event.metaKey;
    if (!command) return;
    const key = event.key.toLowerCase();
    if (key === 'z') {
      event.preventDefault();
      if (event.shiftKey) editor.redo();
      else editor.undo();
    } else if (key === 'y') {
      event.preventDefault();
      editor.redo();
    } else if (event.key === 'm' || event.key === 'M') {
      event.preventDefault();
      document.querySelector<HTMLElement>('.finding-mark')?.focus();
    }
  }
</script>

<svelte:window {onkeydown} onpagehide={() => void editor.flush()} />

<DeskHeader />
<WholeFindings />
<div class="grid grid-cols-1 gap-5 xl:grid-cols-[minmax(0,1.42fr)_minmax(0,1fr)]">
  <Spine {vocabulary} />
  <div class="flex flex-col gap-4">
    <div class="flex flex-col gap-4 xl:sticky xl:top-2">
      <FigureFloor work={editor.work} focus={editor.focus} onfocus={(focus) => (editor.focus = focus)} />
      <TurnLedger work={editor.work} focus={editor.focus} />
    </div>
  </div>
</div>
<div class="mt-5 grid gap-5 border-t border-line pt-4 md:grid-cols-3">
  <section>
    <h2 class="mb-1 text-base">Usual faults</h2>
    {#each teaching.faults ?? [] as fault (fault.seen)}
      <p class="mb-2 text-sm">
        <span class="font-semibold">{settings.say(fault.seen)}.</span>
        {settings.say(fault.cause)}. <span class="text-accent">“{settings.say(fault.cue)}.”</span>
      </p>
    {:else}
      <p class="text-sm text-soft">None charted.</p>
    {/each}
  </section>
  <section>
    <h2 class="mb-1 text-base">Cautions</h2>
    {#each teaching.cautions ?? [] as caution (caution)}
      <p class="mb-2 text-sm">{settings.say(caution)}</p>
    {/each}
    <p class="text-sm text-soft">
      Warm up, take shoes that let the foot turn, and mind the space around. Pain is a signal to stop. The organiser's
      rules and a licensed professional's advice come first.
    </p>
  </section>
  <section>
    <h2 class="mb-1 text-base">Usual neighbours</h2>
    <p class="text-sm">
      <span class="text-soft">Before it:</span>
      {#each teaching.precedes ?? [] as id, i (id)}{i > 0 ? ', ' : ' '}<a
          class="underline decoration-line underline-offset-2 hover:decoration-accent"
          href="/figures/{id}">{id.split('.')[1]?.replaceAll('-', ' ')}</a
        >{:else}&nbsp;none charted{/each}
    </p>
    <p class="text-sm">
      <span class="text-soft">After it:</span>
      {#each teaching.follows ?? [] as id, i (id)}{i > 0 ? ', ' : ' '}<a
          class="underline decoration-line underline-offset-2 hover:decoration-accent"
          href="/figures/{id}">{id.split('.')[1]?.replaceAll('-', ' ')}</a
        >{:else}&nbsp;none charted{/each}
    </p>
    {#if teaching.parts?.length || teaching.variants?.length}
      <p class="mt-1 text-sm">
        <span class="text-soft">Parts and variants:</span>
        {[...(teaching.parts ?? []).map((p) => p.steps), ...(teaching.variants ?? []).map((v) => v.name)].join(', ')}
      </p>
    {/if}
  </section>
</div>
