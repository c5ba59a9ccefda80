<script lang="ts">
  import type { RoleName, Schemas } from '$lib/api/client';
  import { isTyping } from '$lib/shell/typing';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import SwitchRow from '$lib/ui/SwitchRow.svelte';
  import { onMount, untrack } from 'svelte';
  import RowReader from './RowReader.svelte';
  import StagePicture from './StagePicture.svelte';
  import { Ladder } from './ladder.svelte';
  import LadderForm from './LadderForm.svelte';
  import { Sounds } from './sounds.svelte';
  import { Transport } from './transport.svelte';
  import { PlayerKeys } from './player-keys';
  import { VIEW_NAMES, type View } from './views';

  let { motion }: { motion: Schemas['MotionView'] } = $props();
  const settings = getSettings();
  const sounds = new Sounds();
  // A player is made anew for every motion.
  // svelte-ignore state_referenced_locally
  const transport = new Transport(motion, sounds.clock);
  const ladder = new Ladder();
  let view = $state<View>('wall');
  let mirrored = $state(false);
  let only = $state<'both' | RoleName>('both');
  let follow = $state(true);
  let countIn = $state(true);
  let beat = $state(transport.begins);
  let whole = $state<HTMLElement>();
  const solo = $derived(motion.dancers.length < 2);
  const tempo = $derived(Math.round(motion.tempo * transport.rate * 10) / 10);
  const block = $derived(motion.blocks.findLast((one) => one.start <= beat + 0.001) ?? motion.blocks[0]);
  const field = 'rounded-xs border border-strong bg-raised px-1 py-0.5';

  /** The beat that is heard now: what is ordered leaves the loudspeaker a little later. */
  function moment() {
    const now = transport.playing ? transport.beatAt(sounds.clock() - sounds.late) : transport.beat;
    return Math.min(now, transport.end);
  }

  onMount(() => {
    let frame = 0;
    const follow = () => {
      frame = requestAnimationFrame(follow);
      if (transport.stopAtEnd()) sounds.stop();
      const now = moment();
      // Thrown back by about a round, and not before the loop as by a count-in: a run is over.
      const { loop } = transport;
      if (transport.playing && loop && now >= loop.from && beat - now > (loop.to - loop.from) / 2) {
        const rate = ladder.ran(transport.rate);
        if (rate !== transport.rate) transport.setRate(rate);
      }
      if (Math.abs(now - beat) > 0.015) beat = now;
    };
    follow();
    return () => {
      cancelAnimationFrame(frame);
      sounds.close();
    };
  });

  // Who counts what is asked anew when the voice, the language or the dancer changes.
  const who = $derived(sounds.loudness.who);
  $effect(() => {
    void [who, motion, only];
    untrack(() => {
      if (transport.playing) sounds.start(motion, transport, only);
    });
  });

  function toggle() {
    if (transport.playing) {
      transport.pause();
      sounds.stop();
      return;
    }
    sounds.open();
    transport.play(countIn);
    sounds.start(motion, transport, only);
  }

  function step(by: 1 | -1) {
    const onsets = [...new Set(motion.rows.map((row) => row.onset))].sort((a, b) => a - b);
    const to = by > 0 ? onsets.find((onset) => onset > beat + 0.02) : onsets.findLast((onset) => onset < beat - 0.02);
    if (transport.playing) toggle();
    seek(to ?? (by > 0 ? transport.end : transport.begins));
  }

  function seek(to: number) {
    transport.seek(to);
    beat = transport.beat;
  }

  function loopFrom() {
    transport.setLoop({ from: rowAt(beat)?.onset ?? beat, to: transport.loop?.to ?? transport.end });
  }

  function loopTo() {
    transport.setLoop({ from: transport.loop?.from ?? transport.begins, to: rowAt(beat)?.end ?? beat });
  }

  const rowAt = (at: number) => motion.rows.findLast((row) => row.onset <= at + 0.001);

  function loopBlock() {
    transport.setLoop(transport.loop || !block ? null : { from: block.start, to: block.end });
  }

  /** Silent, or as loud as usual. */
  function mute(what: 'click' | 'voice') {
    sounds.set({ [what]: sounds.loudness[what] > 0 ? 0 : 0.7 });
  }

  function full() {
    if (document.fullscreenElement) void document.exitFullscreen();
    else void whole?.requestFullscreen().catch(() => undefined);
  }

  const keys = new PlayerKeys({
    ' ': toggle,
    ArrowRight: () => step(1),
    ArrowLeft: () => step(-1),
    PageDown: () => step(1),
    PageUp: () => step(-1),
    '.': () => seek(beat + 0.5),
    ',': () => seek(beat - 0.5),
    '[': loopFrom,
    ']': loopTo,
    l: loopBlock,
    '+': () => transport.setRate(transport.rate + 0.05),
    '-': () => transport.setRate(transport.rate - 0.05),
    m: () => (mirrored = !mirrored),
    c: () => mute('voice'),
    k: () => mute('click'),
    x: () => ladder.soil(),
    f: full,
    ...Object.fromEntries(VIEW_NAMES.map((one, i) => [String(i + 1), () => (view = one.id)]))
  });

  function onkeydown(event: KeyboardEvent) {
    if (!isTyping(event.target)) keys.take(event);
  }
</script>

<svelte:window {onkeydown} />

<div bind:this={whole} class="flex flex-col gap-3 bg-ground">
  <div class="grid grid-cols-1 gap-4 lg:grid-cols-[minmax(0,1fr)_22rem]">
    <div class="flex min-w-0 flex-col gap-2">
      <div class="flex flex-wrap items-center gap-x-3 gap-y-1.5">
        <SwitchRow
          label="Seen from"
          value={view}
          options={VIEW_NAMES.map((one) => ({ value: one.id, label: one.word(settings) }))}
          onpick={(to) => (view = to as View)}
        />
        <Button aria-pressed={mirrored} onclick={() => (mirrored = !mirrored)} title="m">Mirror</Button>
        <Button aria-pressed={follow} onclick={() => (follow = !follow)} title="The eye goes along with the couple"
          >Follow</Button
        >
        {#if !solo}
          <SwitchRow
            label="Who is seen"
            value={only}
            options={[
              { value: 'both', label: 'Both' },
              { value: 'man', label: settings.Role('man') },
              { value: 'lady', label: settings.Role('lady') }
            ]}
            onpick={(to) => (only = to as 'both' | RoleName)}
          />
        {/if}
        <Button class="ml-auto" kind="quiet" onclick={full} title="f">Full screen</Button>
      </div>
      <div class="h-[40vh] min-h-64 sm:h-[58vh]">
        {#key settings.theme}<StagePicture {motion} {view} {mirrored} {only} {follow} {moment} />{/key}
      </div>
    </div>
    <RowReader {motion} {beat} {only} />
  </div>
  <section aria-label="Time" class="flex flex-col gap-2 border-t border-line pt-2">
    <input
      type="range"
      aria-label="Moment"
      aria-valuetext="beat {(beat + 1).toFixed(1)}"
      class="w-full accent-accent"
      min={transport.begins}
      max={transport.end}
      step="0.05"
      value={beat}
      oninput={(event) => seek(Number(event.currentTarget.value))}
    />
    {#if motion.blocks.length > 1}
      <ol aria-label="Figures" class="flex gap-px overflow-x-auto pb-1">
        {#each motion.blocks as one, nth (nth)}
          <li class="min-w-14 flex-auto" style:flex-grow={one.end - one.start}>
            <button
              type="button"
              aria-current={one === block ? 'true' : undefined}
              class={[
                'w-full truncate border-t-4 px-1 py-0.5 text-left text-xs',
                one === block ? 'border-accent bg-tint font-semibold' : 'border-line bg-sheet text-soft'
              ]}
              title="{one.name}, bar {one.bar}"
              onclick={() => seek(one.start)}>{one.name}</button
            >
          </li>
        {/each}
      </ol>
    {/if}
    <div class="flex flex-wrap items-center gap-x-3 gap-y-1.5 text-sm">
      <Button kind="main" class="min-w-20 justify-center text-base" onclick={toggle} title="Space"
        >{transport.playing ? 'Pause' : 'Dance'}</Button
      >
      <span class="flex gap-1">
        <Button onclick={() => step(-1)} aria-label="Row back" title="←">‹ row</Button>
        <Button onclick={() => step(1)} aria-label="Row on" title="→">row ›</Button>
      </span>
      <label class="flex items-center gap-1.5"
        >tempo
        <input
          type="range"
          class="w-28 accent-accent"
          aria-label="Tempo in hundredths"
          min="20"
          max="130"
          step="5"
          value={Math.round(transport.rate * 100)}
          oninput={(event) => transport.setRate(Number(event.currentTarget.value) / 100)}
        /><output class="tabular-nums">{Math.round(transport.rate * 100)} %, {tempo} bars a minute</output></label
      >
      <span class="flex items-center gap-1">
        <Button onclick={loopFrom} title="[">from here</Button>
        <Button onclick={loopTo} title="]">to here</Button>
        <Button aria-pressed={transport.loop !== null} onclick={loopBlock} title="l"
          >{transport.loop ? 'Loop off' : 'Loop the figure'}</Button
        >
        {#if transport.loop}<span class="text-soft" role="status"
            >beats {(transport.loop.from + 1).toFixed(1)} to {(transport.loop.to + 1).toFixed(1)}</span
          >{/if}
      </span>
      <LadderForm {ladder} ready={transport.loop !== null} onbegin={(rate) => transport.setRate(rate)} />
      {#each [{ what: 'click', word: 'click' }, { what: 'voice', word: 'voice' }] as const as one (one.what)}
        <label class="flex items-center gap-1.5"
          >{one.word}
          <input
            type="range"
            class="w-16 accent-accent"
            aria-label="Loudness of the {one.word}"
            min="0"
            max="1"
            step="0.1"
            value={sounds.loudness[one.what]}
            oninput={(event) => sounds.set({ [one.what]: Number(event.currentTarget.value) })}
          /></label
        >
      {/each}
      <SwitchRow
        label="Who counts"
        value={sounds.loudness.who}
        options={[
          { value: 'low', label: 'low' },
          { value: 'high', label: 'high' }
        ]}
        onpick={(one) => sounds.set({ who: one as 'low' | 'high' })}
      />
      <label class="flex items-center gap-1"><input type="checkbox" bind:checked={countIn} /> count-in</label>
      <label class="ml-auto"
        >count
        <select
          class={field}
          value={settings.count}
          onchange={(e) => settings.prefer({ count: e.currentTarget.value })}
        >
          <option value="">as charted</option>
          {#each motion.languages as language (language)}<option>{language}</option>{/each}
        </select></label
      >
    </div>
  </section>
</div>
