<script lang="ts">
  import { page } from '$app/state';
  import type { Schemas } from '$lib/api/client';
  import { download } from '$lib/api/files';
  import { words } from '$lib/api/words';
  import { onDestroy } from 'svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import { measure, score, type Measured } from './measure';
  import RehearseLinks from './RehearseLinks.svelte';
  import { render, RATE } from './render';
  import { Sounds, SOUNDING } from './sounds.svelte';
  import { Transport } from './transport.svelte';
  import { VOICE_NAMES } from './voices/names';
  import { wave } from './wave';

  /** The bands of all dances: to be heard, saved, and measured against their beats on this device. */
  const dances = $derived((page.data as { dances?: Schemas['DanceView'][] }).dances ?? []);
  const sounds = new Sounds();
  let measured = $state<Record<string, Measured>>({});
  let spoken = $state<Record<string, Measured['heard']['voice']>>({});
  let playing = $state('');
  let busy = $state('');
  let failed = $state('');
  let transport: Transport | undefined;

  onDestroy(() => sounds.close());

  const voiceOf = (name: (typeof VOICE_NAMES)[number]) => async (context: BaseAudioContext) =>
    (await import('./voices')).voice(name, context);

  async function attempt(what: string, work: () => Promise<void>) {
    busy = what;
    failed = '';
    try {
      await work();
    } catch (e) {
      failed = words(e);
    }
    busy = '';
  }

  async function hear(dance: Schemas['DanceView']) {
    const again = playing === dance.id;
    transport?.pause();
    sounds.stop();
    playing = '';
    if (again) return;
    sounds.open();
    const { motion, cues } = score(dance, await sounds.band(dance.id));
    transport = new Transport(motion, sounds.clock);
    transport.play(motion.countIn.bars);
    const rows = [{ role: 'man', spoken: cues }];
    // Only what sounds is there: nobody dances here.
    const danced = { ...motion, dance: dance.id, dancers: [{ role: 'man' }], rows } as unknown;
    sounds.start(danced as Schemas['MotionView'], transport, 'both');
    playing = dance.id;
  }

  const measureAll = () =>
    attempt('measuring', async () => {
      for (const dance of dances) {
        const whole = score(dance, await sounds.band(dance.id));
        measured[dance.id] = await measure(whole, voiceOf('low'));
      }
      const slow = dances[0];
      if (!slow) return;
      const all = Object.keys((await import('./voices/words.json')).default.low);
      for (const name of VOICE_NAMES) {
        const every = score(slow, await sounds.band(slow.id), all);
        spoken[name] = (await measure(every, voiceOf(name))).heard.voice;
      }
    });

  const save = (dance: Schemas['DanceView']) =>
    attempt('saving', async () => {
      const whole = { ...score(dance, await sounds.band(dance.id)), loudness: sounds.loudness };
      const { sound } = await render(whole, voiceOf(sounds.loudness.who));
      download(wave(sound.getChannelData(0), RATE), `${dance.id}-band.wav`, 'audio/wav');
    });

  const WORDS = { band: 'band', voice: 'count', click: 'click' };
  const cell = 'px-2 py-1 text-right tabular-nums';
</script>

<RehearseLinks here="/sounds" />
<header class="mb-3 flex flex-wrap items-baseline gap-x-4 border-b-2 border-ink pb-1">
  <h1 class="text-3xl">Sounds</h1>
  <p class="text-soft">The band of every dance, and how well this device keeps to the beat</p>
  <Button class="ml-auto" disabled={busy !== '' || dances.length === 0} onclick={measureAll}
    >{busy === 'measuring' ? 'Measuring…' : 'Measure all'}</Button
  >
</header>
<Failed why={failed} />
<div class="overflow-x-auto">
  <table class="w-full text-sm">
    <thead>
      <tr class="border-b border-strong text-left text-soft">
        <th scope="col" class="py-1 font-normal">dance</th>
        <th scope="col" class={[cell, 'font-normal']}>bars a minute</th>
        {#each SOUNDING as what (what)}<th scope="col" class={[cell, 'font-normal']}>{WORDS[what]}, off the beat</th
          >{/each}
        <th scope="col" class={[cell, 'font-normal']}>band's level</th>
        <th scope="col" class={[cell, 'font-normal']}>peak of all</th>
        <td></td>
      </tr>
    </thead>
    <tbody>
      {#each dances as dance (dance.id)}
        {@const of = measured[dance.id]}
        <tr class={['border-b border-line', playing === dance.id && 'bg-tint']}>
          <th scope="row" class="py-1 text-left font-semibold">{dance.title}</th>
          <td class={cell}>{(dance.slowest + dance.fastest) / 2}</td>
          {#each SOUNDING as what (what)}
            <td class={cell}>
              {#if of}<span class="text-soft">{of.heard[what].found} of {of.heard[what].asked},</span>
                {of.heard[what].worst} ms{:else}<span class="text-soft">·</span>{/if}
            </td>
          {/each}
          <td class={cell}>{of ? `${of.level.toFixed(1)} dB` : ''}</td>
          <td class={cell}>{of ? of.peak.toFixed(2) : ''}</td>
          <td class="py-1 text-right whitespace-nowrap">
            <Button aria-pressed={playing === dance.id} onclick={() => hear(dance)} aria-label="Hear {dance.title}"
              >{playing === dance.id ? 'Stop' : 'Hear'}</Button
            >
            <Button
              kind="quiet"
              disabled={busy !== ''}
              onclick={() => save(dance)}
              aria-label="Save {dance.title} as a sound">Save as WAV</Button
            >
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>
{#if Object.keys(spoken).length === VOICE_NAMES.length}
  <p class="mt-3 text-sm" role="status">
    Every word of the count: {VOICE_NAMES.map((name) => {
      const of = spoken[name];
      return of ? `${name} voice ${of.found} of ${of.asked}, ${of.worst} ms` : '';
    }).join('; ')}.
  </p>
{/if}
<p class="mt-4 max-w-prose text-sm text-soft">
  Eight bars of each, counted in. Measured is the sound itself, as it is worked out for the loudspeaker: where it rises
  against where the beat is, each part alone at its loudest, and all together. What stays soft beneath what is sounding
  is not found, and not counted. The level is the root of the mean square.
</p>
