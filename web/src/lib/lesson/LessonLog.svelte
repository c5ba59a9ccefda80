<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import LogChange from '$lib/people/LogChange.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  /** What was seen in this lesson, the newest first. */
  let { lesson, kept, onchanged }: { lesson: string; kept: number; onchanged: () => void } = $props();
  const settings = getSettings();
  const attempt = new Attempt();
  let putting = $state<number>();
  const read = loaded(
    () => ({ lesson, kept }),
    ({ lesson }) => need(api.GET('/api/log/lessons/{lesson}', { params: { path: { lesson } } }))
  );

  const takeOut = (id: number) =>
    attempt.run(async () => {
      await need(api.DELETE('/api/log/{id}', { params: { path: { id } } }));
      onchanged();
    });
</script>

<Failed why={read.failed || attempt.failed} small />
<ul aria-label="Seen in this lesson" class="text-sm">
  {#each read.current ?? [] as line (line.id)}
    <li class="flex flex-wrap gap-x-2 border-t border-line py-1">
      <b>{line.name}</b>
      {#if line.fault}<span
          >{settings.say(line.fault.seen)}, {settings.role(line.fault.role)}, step {line.fault.row}{line.fault.cue
            ? `: “${settings.say(line.fault.cue)}”`
            : ''}</span
        >{:else}<span class="text-sound">clean{line.tempo ? ` at ${line.tempo}` : ''}</span>{/if}
      <button
        type="button"
        class="ml-auto text-xs text-soft underline"
        aria-expanded={putting === line.id}
        onclick={() => (putting = putting === line.id ? undefined : line.id)}>put right</button
      >
      <button type="button" class="text-xs text-soft underline" onclick={() => takeOut(line.id)}>take out</button>
      {#if putting === line.id}<LogChange {line} {onchanged} onclose={() => (putting = undefined)} />{/if}
    </li>
  {/each}
</ul>
