<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas } from '$lib/api/client';
  import { ACCEPTED, bringBack } from '$lib/song/recording/taking';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import { size } from './words';

  const SHOWN = 100;
  let all = $state.raw<Schemas['SoundsView'] | null>(null);
  let said = $state('');
  let busy = $state('');
  const attempt = new Attempt();

  const load = async () => {
    all = await need(api.GET('/api/sounds'));
  };
  $effect(() => void attempt.run(load));

  const doing = async (what: string, work: () => Promise<void>) => {
    busy = what;
    said = '';
    try {
      await attempt.run(work);
    } finally {
      busy = '';
    }
  };

  /** Only what is missing is kept, told by what is in a file. */
  const bring = (files: File[]) =>
    doing('Bringing …', async () => {
      let found = 0;
      try {
        for (const [nth, file] of files.entries()) {
          busy = `Bringing ${nth + 1} of ${files.length} …`;
          if (await bringBack(file, all?.missing.map((sound) => sound.file) ?? [])) found += 1;
        }
      } finally {
        await load();
      }
      const others = files.length - found;
      said = `${found === 1 ? '1 sound' : `${found} sounds`} found again${others > 0 ? `; ${others} left aside, for no song misses ${others === 1 ? 'it' : 'them'}` : ''}.`;
    });

  function picked(event: Event & { currentTarget: HTMLInputElement }) {
    const files = [...(event.currentTarget.files ?? [])];
    event.currentTarget.value = '';
    if (files.length > 0) void bring(files);
  }

  const clear = () =>
    doing('Clearing …', async () => {
      const cleared = await need(api.DELETE('/api/sounds/unused'));
      said = `${cleared.sounds} cleared away, ${size(cleared.bytes)}.`;
      if (cleared.sounds === 0) said = 'Nothing cleared away: what came within the last two hours stays.';
      await load();
    });
</script>

{#snippet songs(sound: Schemas['Sound'])}
  {#each sound.songs as song, nth (song.id)}{nth > 0 ? ', ' : ''}<a
      class="text-accent underline underline-offset-2"
      href="/songs/{song.id}">{song.name}</a
    >{:else}<span class="text-soft"
      >{sound.used ? 'an older version of a song, or one in the bin' : 'no song any more'}</span
    >{/each}
{/snippet}

<section aria-labelledby="sounds" class="mt-8">
  <div class="flex flex-wrap items-end gap-x-4 gap-y-2">
    <h2 id="sounds" class="text-xl">Recordings</h2>
    {#if all}
      <span class="ml-auto flex flex-wrap items-center gap-2">
        {#if all.unused > 0}
          <Button kind="quiet" disabled={busy !== ''} onclick={() => void clear()}
            >Clear {all.unused} no longer used</Button
          >
        {/if}
        <label
          class="cursor-pointer rounded-xs border border-strong bg-raised px-2.5 py-1 text-sm whitespace-nowrap hover:border-accent hover:text-accent has-focus-visible:outline-2 has-focus-visible:outline-accent"
          >Bring sounds back <input type="file" multiple accept={ACCEPTED} onchange={picked} class="sr-only" /></label
        >
        {#if all.sounds.length > 0}
          <a
            class="rounded-xs border border-strong bg-raised px-2.5 py-1 text-sm hover:border-accent hover:text-accent"
            href="/api/sounds/file"
            download="recordings.zip">Save a copy of all, {size(all.bytes)}</a
          >
        {/if}
      </span>
    {/if}
  </div>
  <p class="mt-1 max-w-prose text-sm text-soft">
    Not in the backups above, for their size and because the right to the music may not be yours to pass on; copying
    them is up to you. A song put back without its sound keeps its beats, and finds the sound again when its file is
    brought, whatever the file is called.
  </p>
  {#if busy}<p role="status" class="mt-2 text-sm text-soft">{busy}</p>{/if}
  {#if said}<p role="status" class="mt-2 border-l-4 border-sound pl-2 text-sm">{said}</p>{/if}
  <Failed why={attempt.failed} />
  {#if all}
    {#if all.missing.length > 0}
      <h3 class="mt-3 text-base font-semibold text-broken">Missing: {all.missing.length}</h3>
      <ul class="text-sm" aria-label="Missing sounds">
        {#each all.missing.slice(0, SHOWN) as sound (sound.file)}
          <li class="border-b border-line py-1">{@render songs(sound)}</li>
        {/each}
        {#if all.missing.length > SHOWN}<li class="py-1 text-soft">and {all.missing.length - SHOWN} more</li>{/if}
      </ul>
    {/if}
    <ul class="mt-2 border-t border-strong text-sm" aria-label="Recordings">
      {#each all.sounds.slice(0, SHOWN) as sound (sound.file)}
        <li class="flex flex-wrap items-baseline gap-x-3 border-b border-line py-1">
          <span class="min-w-0 break-words">{@render songs(sound)}</span>
          <span class="ml-auto text-soft">{sound.file.split('.')[1]}, {size(sound.bytes)}</span>
        </li>
      {:else}
        <li class="py-2 text-soft">No song has a recording.</li>
      {/each}
      {#if all.sounds.length > SHOWN}<li class="py-1 text-soft">and {all.sounds.length - SHOWN} more</li>{/if}
    </ul>
    <p class="mt-2 max-w-prose text-sm text-soft">They lie in <span class="break-all">{all.folder}</span>.</p>
  {/if}
</section>
