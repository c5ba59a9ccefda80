<script lang="ts">
  import { getSettings } from '$lib/settings/settings.svelte';
  import { onMount } from 'svelte';
  import type { Stage } from './scene';
  import StageAbove from './StageAbove.svelte';
  import type { Rehearsal } from './rehearsal.svelte';

  let { r }: { r: Rehearsal } = $props();
  const { motion, moment } = $derived(r);
  /** How much of somebody is seen who is faded. */
  const FADED = 0.12;
  const settings = getSettings();
  let canvas = $state<HTMLCanvasElement>();
  let holder = $state<HTMLElement>();
  let stage = $state.raw<Stage>();
  let flat = $state(false);

  onMount(() => {
    let over = false;
    let frame = 0;
    let made: Stage | undefined;
    const watch = new ResizeObserver(() => holder && made?.resize(holder.clientWidth, holder.clientHeight));
    const tried = document.createElement('canvas').getContext('webgl2');
    // A browser keeps only a few of them.
    tried?.getExtension('WEBGL_lose_context')?.loseContext();
    if (!tried) {
      flat = true;
      return undefined;
    }
    // The library is fetched only where somebody looks at the stage.
    void import('./scene').then(
      ({ Stage: Made }) => {
        if (over || !canvas || !holder) return;
        try {
          made = new Made(canvas, motion);
        } catch {
          flat = true;
          return;
        }
        stage = made;
        watch.observe(holder);
        const draw = () => {
          frame = requestAnimationFrame(draw);
          const began = performance.now();
          const shows = r.sounds.clock();
          made?.prepare(moment());
          r.frames.add(performance.now() - began, (r.sounds.clock() - shows) * 1000);
          made?.draw();
        };
        draw();
      },
      () => (flat = true)
    );
    return () => {
      over = true;
      cancelAnimationFrame(frame);
      watch.disconnect();
      made?.dispose();
    };
  });

  const { view, mirrored, only } = $derived(r);
  $effect(() => stage?.look(view));
  $effect(() => {
    if (!stage) return;
    stage.follow = r.follow;
    stage.lines = r.lines;
  });
  $effect(() => stage?.alone(only === 'both' ? null : only, r.leftOut ? 0 : FADED));

  /** Turns the eye by steps to the right and up. */
  export function turn(right: number, up: number) {
    stage?.turn(mirrored ? -right : right, up);
  }

  /** Brings the eye nearer by a factor. */
  export function nearer(factor: number) {
    stage?.nearer(factor);
  }
</script>

<div bind:this={holder} class="relative h-full w-full overflow-hidden rounded-xs border border-line bg-ground">
  {#if flat}
    <StageAbove {motion} {moment} {only} {mirrored} />
    <p class="absolute bottom-1 left-2 text-xs text-soft">
      Seen from above only: this browser has no three-dimensional drawing.
    </p>
  {:else}
    <canvas
      bind:this={canvas}
      class={['h-full w-full', mirrored && '-scale-x-100']}
      aria-label="{motion.name}, danced, {settings.role(only === 'both' ? 'man' : only)}{only === 'both'
        ? ` and ${settings.role('lady')}`
        : ''} from {view}{mirrored ? ', mirrored' : ''}"
    ></canvas>
  {/if}
</div>
