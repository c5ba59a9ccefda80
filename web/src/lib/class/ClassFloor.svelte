<script lang="ts">
  import { api, need, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { Editor } from '$lib/editing/editor.svelte';
  import EditorBar from '$lib/editing/EditorBar.svelte';
  import { isTyping } from '$lib/shell/typing';
  import { PlayerKeys } from '$lib/stage/player-keys';
  import { Timeline } from '$lib/stage/timeline';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import { onMount } from 'svelte';
  import { clock } from '$lib/lesson/stages';
  import { bpm, dance, dancedOf, type Evening } from './evening';
  import FloorStage from './FloorStage.svelte';
  import Partners from './Partners.svelte';

  /** An evening on the floor: one round after the other, to be read from the far end of the hall. */
  let { view }: { view: Schemas['ClassView'] } = $props();
  // Made anew for every evening.
  // svelte-ignore state_referenced_locally
  const editor = new Editor('class', view);
  void editor.recover();
  /** By so much it is slower when it is danced again, in bars a minute. */
  const SLOWER = 2;
  const evening = $derived(editor.state);
  const read = loaded(
    () => JSON.stringify({ ...evening, note: '' }),
    (text) => need(api.POST('/api/classes/rotation', { body: JSON.parse(text) as Evening }))
  );
  const rotation = $derived(read.current);
  const next = $derived(dancedOf(evening).length);
  /** The round that is danced once more, slower; none while the evening goes on. */
  let again = $state.raw<{ nth: number; tempo: number } | null>(null);
  let dancing = $state(false);
  let now = $state(new Date());
  let failed = $state('');
  let full = $state(false);
  let stage = $state<FloorStage>();

  const nth = $derived(again?.nth ?? next);
  const round = $derived(rotation?.rounds[nth]);
  const following = $derived(rotation?.rounds[nth + 1]);
  const tempo = $derived(again?.tempo ?? round?.tempo ?? 0);
  const over = $derived(rotation !== undefined && rotation !== null && round === undefined);
  const times = $derived(evening.pace?.times ?? 2);

  async function motionOf(kind: string, id: string, timing: string): Promise<Schemas['MotionView'] | null> {
    if (kind === 'figure') {
      return need(api.GET('/api/motion/figures/{id}', { params: { path: { id }, query: { timing } } }));
    }
    if (kind !== 'routine') return null;
    const { document } = await need(api.GET('/api/routines/{id}', { params: { path: { id } } }));
    return need(api.POST('/api/motion/routines', { body: document }));
  }

  const wanted = $derived(JSON.stringify([round?.kind ?? '', round?.material ?? '', round?.timing ?? '']));
  const material = loaded(
    () => wanted,
    async (of) => {
      const [kind, id, timing] = JSON.parse(of) as [string, string, string];
      const drill = kind === 'drill' ? await need(api.GET('/api/drills/{id}', { params: { path: { id } } })) : null;
      return { of, motion: await motionOf(kind, id, timing), drill: drill?.document ?? null };
    }
  );
  /** What this round dances; until it has been read, nothing of the round before is danced instead. */
  const here = $derived(material.current?.of === wanted ? material.current : null);
  const motion = $derived(here?.motion);
  /** What cannot be read leaves the partners and a clock. */
  const ready = $derived(round !== undefined && (here !== null || material.failed !== ''));

  onMount(() => {
    const timer = setInterval(() => (now = new Date()), 250);
    return () => clearInterval(timer);
  });

  let begun = 0;

  function start() {
    if (!ready || dancing) return;
    dancing = true;
    begun = Date.now();
    stage?.start();
  }

  /** The round is over: it is written down, unless it was one danced again. */
  function ended() {
    if (!dancing) return;
    dancing = false;
    stage?.stop();
    if (again) again = null;
    else if (rotation) editor.describe(dance(evening, rotation.rounds));
  }

  /** Broken off, and nothing is written down. */
  function stop() {
    dancing = false;
    stage?.stop();
  }

  /** The round of this moment, or the one just danced, once more and slower. */
  function slower() {
    const which = dancing ? nth : Math.max(0, next - 1);
    const of = rotation?.rounds[which];
    if (!of || (!dancing && next === 0)) return;
    const from = again?.tempo ?? of.tempo;
    // Broken off in its course it counts as danced: the same again is the same partners.
    if (dancing && !again && rotation) editor.describe(dance(evening, rotation.rounds));
    stop();
    again = { nth: which, tempo: from > 0 ? Math.max(SLOWER, from - SLOWER) : 0 };
  }

  const toggle = () => (dancing ? stop() : start());

  function toggleFull() {
    const flip = document.fullscreenElement ? document.exitFullscreen() : document.documentElement.requestFullscreen();
    flip.then(
      () => (full = document.fullscreenElement !== null),
      () => (failed = 'This browser does not give the whole screen to a page.')
    );
  }

  const keys = new PlayerKeys({
    ' ': toggle,
    Enter: ended,
    PageDown: toggle,
    s: slower,
    Escape: () => (again = null),
    f: toggleFull,
    b: () => stage?.r.sounds.mute('band'),
    c: () => stage?.r.sounds.mute('voice'),
    k: () => stage?.r.sounds.mute('click')
  });

  function onkeydown(event: KeyboardEvent) {
    // A link or button that has the focus does what it says.
    const own = event.target instanceof HTMLElement && event.target.closest('a, button');
    if (isTyping(event.target) || (own && event.key === 'Enter')) return;
    keys.take(event);
  }
  /** What is left of the round where something is danced, else how long it has gone on. */
  const seconds = $derived.by(() => {
    if (!dancing) return 0;
    void now;
    return stage ? Math.max(0, stage.left()) : (now.getTime() - begun) / 1000;
  });
  const lasts = (of: Schemas['MotionView']) => {
    const timeline = new Timeline(of.seconds);
    return timeline.seconds(of.end) - timeline.seconds(of.begins);
  };
  /** How long the round to come is, in seconds. */
  const length = $derived(motion && tempo > 0 ? (times * lasts(motion) * motion.tempo) / tempo : 0);
  const wall = $derived(now.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' }));
</script>

<svelte:window {onkeydown} />
<h1 class="sr-only">{evening.group?.name ?? 'Open class'} on the floor</h1>
<div class="fixed inset-0 z-40 flex flex-col overflow-auto bg-ground p-[1.5vw]">
  <header class="flex flex-wrap items-baseline gap-x-[2vw] border-b-2 border-ink pb-[0.5vw]">
    <p class="font-display text-[6vw] leading-none lg:text-[3.6vw]">
      {#if over}The evening is danced{:else if rotation}<span>{again ? 'Again, slower' : `Round ${nth + 1}`}</span>
        <span class="ml-[0.4em] text-[0.5em] text-soft">{again ? '' : `of ${rotation.rounds.length}`}</span>{/if}
    </p>
    {#if round && !over}<p class="text-[3.4vw] text-soft lg:text-[1.9vw]">
        {round.name}{#if tempo > 0}, <span class="text-ink">{bpm(tempo)}</span> bars a minute{/if}{motion
          ? `, ${times} times`
          : ''}{round.timing ? `, timing ${round.timing}` : ''}{round.otherSide ? ', other side' : ''}
      </p>{/if}
    <p class="ml-auto font-display text-[4vw] leading-none tabular-nums lg:text-[2.2vw]" role="timer" aria-label="Time">
      {wall}
    </p>
  </header>
  <Failed why={failed || read.failed || material.failed} />
  <div class="grid min-h-0 flex-1 grid-cols-1 gap-[2vw] py-[1vw] lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
    <div class="min-h-[40vh] lg:min-h-0">
      {#if motion && motion.dancers.length > 0}
        {#key motion}<FloorStage
            bind:this={stage}
            {motion}
            {tempo}
            {times}
            otherSide={round?.otherSide ?? false}
            onended={ended}
          />{/key}
      {:else if here?.drill}
        {@const drill = here.drill}
        <p class="font-display text-[3.4vw] lg:text-[2.4vw]">{drill.name}</p>
        <ol class="mt-[1vw] list-decimal pl-[1.4em] text-[3vw] lg:text-[1.7vw]">
          {#each drill.steps as step, at (at)}<li>{step}</li>{/each}
        </ol>
        <p class="mt-[1vw] text-[2.4vw] text-soft lg:text-[1.2vw]">{drill.cautions.join(' ')}</p>
      {:else if over && rotation}
        <p class="text-[3vw] text-soft lg:text-[1.6vw]">
          Everybody has danced {Math.min(...rotation.people.map((one) => one.dances))} to {Math.max(
            ...rotation.people.map((one) => one.dances)
          )} of {rotation.rounds.length} rounds.
        </p>
      {:else}<p class="text-[3vw] text-soft lg:text-[1.6vw]">
          {rotation ? 'Nothing is chosen to be danced: a clock and the partners.' : ''}
        </p>{/if}
    </div>
    <div class="flex min-h-0 min-w-0 flex-col gap-[1vw]">
      <div class="min-h-0 flex-1">
        {#if rotation}
          {#if dancing && following && !again}
            <Partners {rotation} round={following} title="Next" />
          {:else if dancing && !following && !again}
            <p class="font-display text-[4vw] lg:text-[2.4vw]">The last round</p>
          {:else if round}
            <Partners
              {rotation}
              {round}
              title={again ? 'The same partners' : nth === 0 ? 'Partners' : 'Next partners'}
            />
          {/if}
        {/if}
      </div>
      <p
        class="text-right font-display text-[16vw] leading-none tabular-nums lg:text-[9vw]"
        role="timer"
        aria-label="Clock of the round"
      >
        {dancing ? clock(seconds) : motion && round ? clock(length) : ''}
      </p>
    </div>
  </div>
  <footer class="flex flex-wrap items-center gap-2 border-t border-line pt-[0.5vw] text-sm">
    <!-- Pressed with the mouse a button does not take the keys to itself. -->
    <div role="presentation" class="contents" onmousedown={(event) => event.preventDefault()}>
      <Button kind="main" disabled={!dancing && !ready} onclick={toggle}
        >{dancing ? 'Break off' : 'Begin the round'} (space)</Button
      >
      {#if dancing}<Button onclick={ended}>The round is over (enter)</Button>{/if}
      <Button disabled={!dancing && next === 0} onclick={slower}>Same again slower (s)</Button>
      {#if again && !dancing}<Button onclick={() => (again = null)}>On to round {next + 1} (esc)</Button>{/if}
      <Button aria-pressed={full} onclick={toggleFull}>Whole screen (f)</Button>
    </div>
    <span class="text-soft">b, c, k: band, count, click</span>
    <a class="text-accent underline underline-offset-2" href="/classes/{editor.id}">to the class</a>
    <EditorBar {editor} />
  </footer>
</div>
