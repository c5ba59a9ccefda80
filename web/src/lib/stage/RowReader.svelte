<script lang="ts">
  import type { RoleName, Schemas } from '$lib/api/client';
  import { cueKey } from './rehearsal.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';

  interface Props {
    motion: Schemas['MotionView'];
    beat: number;
    only: 'both' | RoleName;
    countingIn: boolean;
    /** What was last said about steps that went wrong before. */
    cues: Readonly<Record<string, string>>;
    /** To be read from the far side of a studio. */
    big: boolean;
  }

  /** The row of this moment in letters that can be read from three metres, and the next one smaller. */
  let { motion, beat, only, countingIn, cues, big }: Props = $props();
  const settings = getSettings();
  const roles = $derived(
    (['man', 'lady'] as const).filter(
      (role) => (only === 'both' || only === role) && motion.rows.some((row) => row.role === role)
    )
  );
  const rowsOf = $derived(roles.map((role) => ({ role, rows: motion.rows.filter((row) => row.role === role) })));
  const of = $derived(
    rowsOf.map(({ role, rows }) => {
      const at = rows.findLastIndex((row) => row.onset <= beat + 0.001);
      const now = rows[at];
      const figure = now && motion.blocks[now.block]?.figure;
      return { role, now, next: rows[at + 1], cue: now && cues[cueKey(figure ?? '', role, now.number)] };
    })
  );
  const bar = $derived(Math.floor(beat / motion.beatsPerBar + 1e-6) + 1);
  const within = $derived(Math.floor(beat - (bar - 1) * motion.beatsPerBar + 1e-6) + 1);
  const block = $derived(motion.blocks.findLast((one) => one.start <= beat + 0.001) ?? motion.blocks[0]);
  const inBar = $derived(((Math.floor(beat + 1e-3) % motion.beatsPerBar) + motion.beatsPerBar) % motion.beatsPerBar);
  const word = $derived(countingIn ? motion.countIn.words[inBar] : (of.find((one) => one.now)?.now?.count ?? ''));
</script>

<section aria-label="The step" class="flex min-w-0 flex-col gap-2">
  <div class="flex items-baseline gap-3 border-b-2 border-ink pb-1">
    <p
      class={['min-w-16 font-display leading-none font-semibold', big ? 'text-[max(4rem,9vw)]' : 'text-6xl']}
      aria-label="Count"
    >
      {word || '·'}
    </p>
    <p class="text-sm text-soft">
      <span class="font-semibold text-ink">{block?.name ?? motion.name}</span><br />{countingIn
        ? 'counting in'
        : `bar ${bar}, beat ${within}`}
    </p>
  </div>
  {#each of as { role, now, next, cue } (role)}
    <div class={['border-l-4 pl-2', role === 'man' ? 'border-man' : 'border-lady']}>
      <p class="text-xs text-soft">{settings.role(role)}{now ? `, step ${now.number}` : ''}</p>
      {#if now}
        <p
          class={[
            'leading-tight font-semibold',
            big ? 'text-[max(1.5rem,3vw)]' : 'text-2xl',
            role === 'man' ? 'text-man' : 'text-lady'
          ]}
        >
          {now.cells.foot}F {now.cells.place}
        </p>
        <p class={['amount leading-snug', big ? 'text-[max(1.2rem,2vw)]' : 'text-lg']}>
          {[
            settings.shows('turn') ? now.cells.align : '',
            settings.shows('turn') ? now.cells.turn : '',
            settings.shows('footwork') ? now.cells.work : ''
          ]
            .filter(Boolean)
            .join(' · ')}
        </p>
        {#if settings.shows('body')}
          <p class="text-soft">
            {[now.cells.rise, now.cells.sway && `sway ${now.cells.sway}`, now.cells.hip, now.cells.bounce]
              .filter(Boolean)
              .join(' · ')}
          </p>
        {/if}
        {#if cue}<p class={['font-semibold italic', big && 'text-[2vw] leading-tight']}>{settings.say(cue)}</p>{/if}
        {#if settings.shows('lead') && now.cells.lead}<p class="italic">{settings.say(now.cells.lead)}</p>{/if}
      {:else}
        <p class="text-lg text-soft">ready</p>
      {/if}
      {#if next}<p class="mt-1 text-sm text-soft">then {next.count} {next.cells.foot}F {next.cells.place}</p>{/if}
    </div>
  {/each}
</section>
