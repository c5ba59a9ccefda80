<script lang="ts">
  import { page } from '$app/state';
  import { api, need, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import CardPlayer from '$lib/card/CardPlayer.svelte';
  import { addressOfCard } from '$lib/handout/sheets';
  import { ladderIn } from '$lib/practice/plan';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Player from '$lib/stage/Player.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import SwitchRow from '$lib/ui/SwitchRow.svelte';
  import RunLog from './RunLog.svelte';

  interface Props {
    kind: 'figure' | 'routine';
    id: string;
    access: Schemas['AccessView'];
  }

  /** A figure or routine danced from above, with its steps, for somebody with a telephone in the hand. */
  let { kind, id, access }: Props = $props();
  const settings = getSettings();
  const read = loaded(
    () => settings.count,
    (count) => {
      const wanted = { params: { path: { id }, query: { count } } };
      return need(
        kind === 'routine' ? api.GET('/api/motion/routines/{id}', wanted) : api.GET('/api/motion/figures/{id}', wanted)
      );
    }
  );
  const motion = $derived(read.current);
  const roles = $derived({ man: settings.role('man'), lady: settings.role('lady') });
  /** A plan of practice sends the tempos along. */
  const tempos = ladderIn(page.url.searchParams);
  const task = tempos ? { key: '', day: '', name: '', minutes: 0, why: '', ...tempos } : undefined;
  /** On a large screen in all its dimensions; in the hand from above, with its steps. */
  let way = $state<'stage' | 'hand'>(matchMedia('(width >= 64rem)').matches ? 'stage' : 'hand');
  const address = $derived(encodeURIComponent(id));
</script>

<svelte:head><title>{motion?.name ?? 'Danced'} · Fluid Frame</title></svelte:head>
<div class={way === 'hand' ? 'mx-auto max-w-xl' : ''}>
  <div class="mb-2 flex flex-wrap items-baseline gap-x-4 border-b-4 border-double border-ink pb-1">
    <h1 class="mr-auto text-3xl">{motion?.name ?? (read.failed ? 'Not here' : ' ')}</h1>
    {#if motion}
      <span class="flex flex-wrap items-baseline gap-x-4 gap-y-1 text-sm">
        <SwitchRow
          label="Shown"
          value={way}
          options={[
            { value: 'stage', label: 'Stage' },
            { value: 'hand', label: 'From above, with steps' }
          ]}
          onpick={(value) => (way = value as typeof way)}
        />
        <a
          class="text-accent underline underline-offset-2"
          href="/print/{kind === 'routine' ? 'part' : 'figure'}/{address}">Sheet</a
        >
        <a
          class="text-accent underline underline-offset-2"
          href={addressOfCard(kind, id, settings.wording, settings.count)}
          download>Practice card</a
        >
      </span>{/if}
  </div>
  <Failed why={read.failed} />
  {#if motion}
    {#if motion.dancers.length === 0}
      <p class="text-soft">Nothing charted is danced here yet.</p>
    {:else}
      {#if access.whom}<RunLog
          {kind}
          {id}
          {motion}
          name={access.whomName ?? ''}
          usual={tempos?.to ?? Math.round(motion.tempo)}
        />{/if}
      {#if way === 'stage'}
        {#key motion}<Player {motion} {tempos} />{/key}
      {:else}{#key motion}<CardPlayer piece={{ name: motion.name, motion }} {task} {roles} />{/key}{/if}
    {/if}
  {:else if !read.failed}<p class="text-sm text-soft">Being worked out…</p>{/if}
  <p class="mt-6 border-t border-line pt-2 text-xs text-soft">
    Dance within what your body allows: pain is a signal to stop and to ask somebody qualified.
  </p>
</div>
