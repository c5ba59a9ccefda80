<script lang="ts">
  import { page } from '$app/state';
  import { api, need, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { settled } from '$lib/editing/live';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import { untrack } from 'svelte';
  import { remembered, remember } from './last';
  import { ladderIn } from '$lib/practice/plan';
  import Player from './Player.svelte';
  import RehearseLinks from './RehearseLinks.svelte';
  import { SMALLEST, TALLEST } from './room';

  const settings = getSettings();
  const asked = $derived({
    figure: page.url.searchParams.get('figure') ?? '',
    variant: page.url.searchParams.get('variant') ?? '',
    part: page.url.searchParams.get('part') ?? '',
    option: page.url.searchParams.getAll('option'),
    timing: page.url.searchParams.get('timing') ?? '',
    routine: page.url.searchParams.get('routine') ?? '',
    whom: page.url.searchParams.get('whom') ?? '',
    man: height('man'),
    lady: height('lady')
  });
  const subject = $derived(
    asked.routine ? { kind: 'routine' as const, id: asked.routine } : { kind: 'figure' as const, id: asked.figure }
  );

  /** Centimetres, 0 for the usual. */
  function height(role: string) {
    const cm = Number(page.url.searchParams.get(role) ?? 0);
    return Number.isInteger(cm) ? cm : 0;
  }

  /** The stretch of figures that was chosen on the ribbon, counted from 1. */
  function chosen(of: Schemas['MotionView']) {
    const from = of.blocks[Number(page.url.searchParams.get('from') ?? 0) - 1];
    const to = of.blocks[Number(page.url.searchParams.get('to') ?? 0) - 1];
    return from && to && to.end > from.start ? { from: from.start, to: to.end } : null;
  }

  /** Where the row begins at which a lesson opens it. */
  function rowBeat(of: Schemas['MotionView']) {
    const row = Number(page.url.searchParams.get('row') ?? 0);
    const role = page.url.searchParams.get('role');
    const rows = of.rows.filter((one) => one.number === row);
    return (rows.find((one) => one.role === role) ?? rows[0])?.onset;
  }

  /** The tempos between which it is practised, in bars a minute. */
  const tempos = $derived(ladderIn(page.url.searchParams));

  const practice = $derived(page.url.searchParams.get('practice'));
  const day = $derived(page.url.searchParams.get('day') ?? '');
  const lesson = $derived(page.url.searchParams.get('lesson'));
  const last = remembered();

  /** Whoever is taller or smaller than can be drawn is drawn as near to it as can be. */
  const drawn = (cm?: number) => (cm ? Math.min(TALLEST, Math.max(SMALLEST, cm)) : 0);

  /** As the address says, else as those are who dance; 0 for the usual. */
  async function heights({ whom, man, lady }: typeof asked, dance: string) {
    if (!whom || (man && lady)) return { man, lady };
    const { data } = await api.GET('/api/records/{whom}/heights', { params: { path: { whom }, query: { dance } } });
    return { man: man || drawn(data?.man), lady: lady || drawn(data?.lady) };
  }

  async function motionOf(of: typeof asked, count: string): Promise<Schemas['MotionView'] | null> {
    await settled();
    if (of.routine) {
      const { document } = await need(api.GET('/api/routines/{id}', { params: { path: { id: of.routine } } }));
      const { man, lady } = await heights(of, document.dance);
      return need(api.POST('/api/motion/routines', { params: { query: { count, man, lady } }, body: document }));
    }
    if (!of.figure) return null;
    const { variant, part, option, timing } = of;
    const { man, lady } = await heights(of, of.figure.split('.')[0] ?? '');
    return need(
      api.GET('/api/motion/figures/{id}', {
        params: { path: { id: of.figure }, query: { variant, part, option, timing, count, man, lady } }
      })
    );
  }

  const count = $derived(settings.count);
  const read = loaded(
    () => ({ asked, count, search: page.url.search }),
    async ({ asked, count, search }) => ({ motion: await motionOf(asked, count), search })
  );
  const motion = $derived(read.current?.motion);
  const back = $derived(asked.routine ? `/routines/${asked.routine}` : `/figures/${asked.figure}`);

  $effect(() => {
    if (!motion) return;
    const { name, dance } = motion;
    untrack(() => {
      remember(page.url.search, name);
      if (settings.dance === dance) return;
      // The dances at the top show the one that is danced.
      const { dances } = page.data as { dances?: Schemas['DanceView'][] };
      const style = dances?.find((one) => one.id === dance)?.style;
      settings.prefer(style ? { dance, style } : { dance });
    });
  });
</script>

<Failed why={read.failed} />
{#if motion}
  <header class="mb-3 flex flex-wrap items-baseline gap-x-4 border-b-2 border-ink pb-1">
    <h1 class="text-3xl">{motion.name}</h1>
    <p class="text-soft">{motion.title}</p>
    <a class="text-sm text-accent underline underline-offset-2" href={back}>to the desk</a>
    {#if lesson}<a class="text-sm text-accent underline underline-offset-2" href="/lessons/{lesson}?give"
        >to the lesson</a
      >{/if}
    {#if practice}<a
        class="text-sm text-accent underline underline-offset-2"
        href="/practice/{encodeURIComponent(practice)}?day={encodeURIComponent(day)}">to the practice</a
      >{/if}
    <p class="ml-auto text-xs text-soft">A diagram that dances, from the chart alone. Pain is a signal to stop.</p>
  </header>
  {#if motion.dancers.length === 0}
    <p class="text-soft">
      Nothing charted is danced here yet. Put a figure in on <a class="underline" href={back}>its desk</a>.
    </p>
  {:else}
    {#key read.current?.search}<Player {motion} {subject} loop={chosen(motion)} {tempos} beat={rowBeat(motion)} />{/key}
  {/if}
{:else if !read.failed && !asked.figure && !asked.routine}
  <RehearseLinks here="/rehearse" />
  <h1 class="mb-2 text-3xl">Rehearse</h1>
  <p class="mb-4 max-w-prose text-soft">
    See any figure or routine danced, from every side and at any tempo, with the count and what is charted beside it.
    Open one and press r, or choose here.
  </p>
  <ul class="flex flex-col gap-2">
    {#if last}
      <li class="border-l-4 border-accent pl-3">
        <a class="font-semibold text-accent hover:underline" href="/rehearse{last.search}">Go on with {last.name}</a>
      </li>
    {/if}
    <li class="border-l-4 border-accent pl-3">
      <a class="font-semibold text-accent hover:underline" href="/figures">Choose a figure</a>
    </li>
    <li class="border-l-4 border-accent pl-3">
      <a class="font-semibold text-accent hover:underline" href="/routines">Choose a routine</a>
    </li>
    <li class="border-l-4 border-accent pl-3">
      <a class="font-semibold text-accent hover:underline" href="/recall">Be asked what the charts say</a>
    </li>
    <li class="border-l-4 border-accent pl-3">
      <a class="font-semibold text-accent hover:underline" href="/sounds">Hear the band of a dance</a>
    </li>
  </ul>
{/if}
