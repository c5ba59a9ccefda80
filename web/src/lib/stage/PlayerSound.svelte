<script lang="ts">
  import { download } from '$lib/api/files';
  import { words } from '$lib/api/words';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import SwitchRow from '$lib/ui/SwitchRow.svelte';
  import HeightsForm from './HeightsForm.svelte';
  import type { Rehearsal } from './rehearsal.svelte';
  import { render, RATE } from './render';
  import { cuesOf, HEARD } from './sounds.svelte';
  import { isVoice, VOICE_NAMES } from './voices/names';
  import { wave } from './wave';

  /** What sounds and how loud. */
  let { r, onfailed }: { r: Rehearsal; onfailed: (why: string) => void } = $props();
  const settings = getSettings();
  const sounds = $derived(r.sounds);
  const KEYS = { song: 'the recording', band: 'b', voice: 'c', click: 'k' };
  const heard = $derived(HEARD.filter((what) => what !== 'song' || r.motion.recording));
  let saving = $state(false);

  /** The band plays where the song is silent, and rests where it sounds. */
  function turn(what: (typeof HEARD)[number], to: number) {
    const sounded = sounds.loudness.song > 0;
    sounds.set({ [what]: to });
    if (what === 'song' && sounded !== to > 0) r.resound();
  }

  /** What is danced, once and at its tempo of now, as a sound for practice at home. */
  async function save() {
    saving = true;
    try {
      const { motion, transport, only } = r;
      const score = {
        motion,
        cues: cuesOf(motion, only),
        band: sounds.loudness.band > 0 ? await sounds.band(motion.dance) : null,
        loudness: sounds.loudness,
        rate: transport.rate,
        countIn: r.countIn ? motion.countIn.bars : 0
      };
      const { voice } = await import('./voices');
      const { sound } = await render(score, (context) => voice(sounds.loudness.who, context));
      download(wave(sound.getChannelData(0), RATE), `${motion.name.replace(/[^\p{L}\p{N}]+/gu, '-')}.wav`, 'audio/wav');
    } catch (e) {
      onfailed(words(e));
    }
    saving = false;
  }
</script>

<div class="flex flex-wrap items-center gap-x-3 gap-y-1.5 border-t border-line pt-2 text-sm">
  {#each heard as what (what)}
    <label class="flex items-center gap-1.5" title={KEYS[what]}
      >{what}
      <input
        type="range"
        class="w-16 accent-accent"
        aria-label="Loudness of the {what}"
        min="0"
        max="1"
        step="0.1"
        value={sounds.loudness[what]}
        oninput={(event) => turn(what, Number(event.currentTarget.value))}
      /></label
    >
  {/each}
  <SwitchRow
    label="Who counts"
    value={sounds.loudness.who}
    options={VOICE_NAMES.map((name) => ({ value: name, label: name }))}
    onpick={(one) => isVoice(one) && sounds.set({ who: one })}
  />
  <label
    >count
    <select
      class="rounded-xs border border-strong bg-raised px-1 py-0.5"
      value={settings.count}
      onchange={(e) => settings.prefer({ count: e.currentTarget.value })}
    >
      <option value="">as charted</option>
      {#each r.motion.languages as language (language)}<option>{language}</option>{/each}
    </select></label
  >
  <label class="flex items-center gap-1"><input type="checkbox" bind:checked={r.countIn} /> count-in</label>
  <span class="ml-auto flex items-center gap-2">
    <HeightsForm motion={r.motion} />
    <Button kind="quiet" disabled={saving} onclick={save} title="As it is danced once at this tempo"
      >{saving ? 'Working it out…' : 'Save as WAV'}</Button
    >
    <a class="text-accent underline underline-offset-2" href="/sounds">all bands</a>
  </span>
</div>
