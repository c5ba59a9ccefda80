<script lang="ts">
  import { api, need, type Schemas } from '$lib/api/client';
  import { words } from '$lib/api/words';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import { onMount } from 'svelte';
  import Strip from './Strip.svelte';

  interface Props {
    figure: { id: string; name: string };
    seen: number;
    /** Whether it is wanted even while nobody sees it. */
    now: boolean;
    /** It is drawn, or cannot be. */
    onready: () => void;
    onsave: (svg: SVGSVGElement) => void;
  }

  let { figure, seen, now, onready, onsave }: Props = $props();
  let motion = $state.raw<Schemas['MotionView']>();
  let failed = $state('');
  let holder = $state<HTMLElement>();
  let svg = $state<SVGSVGElement>();
  let asked = false;

  async function ask() {
    if (asked) return;
    asked = true;
    try {
      motion = await need(api.GET('/api/motion/figures/{id}', { params: { path: { id: figure.id } } }));
    } catch (e) {
      failed = words(e);
    }
    onready();
  }

  // Asked for only as it comes into sight: a dance has dozens.
  onMount(() => {
    const watch = new IntersectionObserver((seen) => seen.some((one) => one.isIntersecting) && void ask(), {
      rootMargin: '300px'
    });
    if (holder) watch.observe(holder);
    return () => watch.disconnect();
  });
  $effect(() => {
    if (now) void ask();
  });
</script>

<div bind:this={holder} class="min-h-32">
  <div class="flex items-baseline gap-3">
    <h2 class="text-lg">
      <a class="hover:underline" href="/figures/{encodeURIComponent(figure.id)}">{figure.name}</a>
    </h2>
    <a
      class="text-sm text-accent underline underline-offset-2 print:hidden"
      href="/rehearse?figure={encodeURIComponent(figure.id)}">see it danced</a
    >
    <Button class="ml-auto print:hidden" kind="quiet" disabled={!svg} onclick={() => svg && onsave(svg)}
      >Save picture</Button
    >
  </div>
  <Failed small why={failed} />
  {#if motion && motion.dancers.length > 0}<Strip {motion} {seen} bind:svg />
  {:else if motion}<p class="text-sm text-soft">Nothing charted is danced here yet.</p>
  {/if}
</div>
