<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type Schemas } from '$lib/api/client';
  import { dayHere, shortDay } from '$lib/api/days';
  import { Paged } from '$lib/api/paged.svelte';
  import LogChange from './LogChange.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import More from '$lib/ui/More.svelte';

  let { whom, kept, onchanged }: { whom: string; kept: number; onchanged: () => void } = $props();
  const settings = getSettings();
  const attempt = new Attempt();
  let putting = $state<number>();
  const log = new Paged<Schemas['LogLine']>((_, after) =>
    need(api.GET('/api/records/{whom}/log', { params: { path: { whom }, query: { after } } }))
  );
  $effect(() => {
    void kept;
    void log.open();
  });

  const takeOut = (id: number) =>
    attempt.run(async () => {
      await need(api.DELETE('/api/log/{id}', { params: { path: { id } } }));
      onchanged();
    });
</script>

<Failed why={attempt.failed} />
<ul aria-label="Log" class="border-t border-line text-sm">
  {#each log.lines ?? [] as line (line.id)}
    <li class="flex flex-wrap items-baseline gap-x-3 border-b border-line py-1">
      <span class="w-24 text-soft">{shortDay(dayHere(line.at))}</span>
      <a class="font-semibold hover:text-accent" href="/{line.kind}s/{line.subject}">{line.name}</a>
      {#if line.fault}
        <span class={['border-l-4 pl-2', line.fault.role === 'man' ? 'border-man' : 'border-lady']}
          >{settings.say(line.fault.seen)}
          <span class="text-soft"
            >{settings.role(line.fault.role)}, step {line.fault.row}{line.kind === 'routine'
              ? `, ${line.fault.figureName}`
              : ''}</span
          >
          {#if line.fault.cue}<i>“{settings.say(line.fault.cue)}”</i>{/if}</span
        >
      {:else}<span class="text-sound">clean</span>{/if}
      {#if line.tempo !== undefined}<span class="text-soft">at {line.tempo}</span>{/if}
      <button
        type="button"
        class="ml-auto text-xs text-soft underline hover:text-accent"
        aria-expanded={putting === line.id}
        aria-label="Put right: {line.name}, {line.fault?.seen ?? 'clean'}, {shortDay(dayHere(line.at))}"
        onclick={() => (putting = putting === line.id ? undefined : line.id)}>put right</button
      >
      <button
        type="button"
        class="text-xs text-soft underline hover:text-broken"
        aria-label="Take out: {line.name}, {line.fault?.seen ?? 'clean'}, {shortDay(dayHere(line.at))}"
        onclick={() => takeOut(line.id)}>take out</button
      >
      {#if putting === line.id}<LogChange {line} {onchanged} onclose={() => (putting = undefined)} />{/if}
    </li>
  {:else}<li class="py-3 text-soft">{log.lines ? 'Nothing has been seen yet.' : 'Loading …'}</li>{/each}
</ul>
<More list={log} what="entries" />
