<script lang="ts">
  import { api, need } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  /** Three things to do: in a studio that knows nobody yet, the first of them is to begin with somebody. */
  let { bare = false }: { bare?: boolean } = $props();
  const settings = getSettings();
  const read = loaded(
    () => settings.dance,
    async (dance) => {
      const query = { params: { query: { dance } } };
      const [figures, routines] = await Promise.all([
        need(api.GET('/api/figures', query)),
        need(api.GET('/api/routines', query))
      ]);
      return { figures: figures.length, routines: routines.lines };
    }
  );
  const sound = $derived(
    (read.current?.routines ?? []).filter((routine) => routine.brokenJoins === 0).sort((a, b) => b.bars - a.bars)[0]
  );
  const link = 'font-semibold text-accent underline-offset-2 hover:underline';
  const item = 'border-l-4 border-accent pl-3';
</script>

<section aria-label="Three ways in">
  <h2 class="mb-2 text-lg">{bare ? 'Three things to do' : 'Three ways in'}</h2>
  <Failed why={read.failed} small />
  <ol class={['flex flex-col gap-3', !read.current && !read.failed && 'invisible']}>
    {#if bare}
      <li class={item}>
        <a class={link} href="/people">Begin with a couple</a>
        <p class="text-sm text-soft">
          Two names are enough. Then lessons plan themselves from what is worked on, what was seen and what was
          promised.
        </p>
      </li>
    {:else if sound}
      <li class={item}>
        <a class={link} href="/routines/{sound.id}">Open “{sound.name}”</a>
        <p class="text-sm text-soft">A whole routine: {sound.bars} bars on the floor, with every join explained.</p>
      </li>
    {:else if read.current}
      <li class={item}>
        <a class={link} href="/figures">Chart a figure</a>
        <p class="text-sm text-soft">
          Press n there and give it a name; type the steps of one role, and the other's are proposed.
        </p>
      </li>
    {/if}
    <li class={item}>
      <a class={link} href="/figures">Look up a figure</a>
      <p class="text-sm text-soft">
        {read.current?.figures} figures charted for both roles. Press / and type what you would say of it.
      </p>
    </li>
    <li class={item}>
      <a class={link} href="/routines">Begin a routine</a>
      <p class="text-sm text-soft">
        Choose a first figure; the desk tells what can follow. Or <a class="underline" href="/figures">chart a figure</a
        >: press n there.
      </p>
    </li>
  </ol>
</section>
