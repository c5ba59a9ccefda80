<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need } from '$lib/api/client';
  import { dayHere, longDay } from '$lib/api/days';
  import { loaded } from '$lib/api/loaded.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  interface Props {
    whom: string;
    subjects: { kind: string; id: string; name: string }[];
    kept: number;
    ontaught: () => void;
  }

  /** What they were taught, and in what it differs from what stands now. */
  let { whom, subjects, kept, ontaught }: Props = $props();
  const attempt = new Attempt();
  let picked = $state('');
  const read = loaded(
    () => kept,
    () => need(api.GET('/api/records/{whom}/taught', { params: { path: { whom } } }))
  );

  const teach = (kind: string, id: string) =>
    attempt.run(async () => {
      await need(api.POST('/api/records/{whom}/taught', { params: { path: { whom } }, body: { kind, id } }));
      picked = '';
      ontaught();
    });
</script>

<section aria-label="Taught">
  <h2 class="mb-1 text-lg">Taught</h2>
  <Failed why={read.failed || attempt.failed} small />
  <ul class="text-sm">
    {#each read.current ?? [] as one (one.id)}
      <li class="border-t border-line py-1">
        <a class="font-semibold hover:text-accent" href="/{one.kind}s/{one.subject}">{one.name}</a>
        <span class="text-soft">{longDay(dayHere(one.at))}{one.version > 0 ? `, state ${one.version}` : ''}</span>
        {#if one.now === undefined}<span class="block text-doubtful">is gone now</span>
        {:else if one.differences.length > 0}
          <details>
            <summary class="text-doubtful"
              >has changed since, in {one.differences.length}
              {one.differences.length === 1 ? 'place' : 'places'}{one.differences[0]?.bar
                ? `, first in bar ${one.differences[0].bar}`
                : ''}</summary
            >
            <table class="mt-1 w-full text-xs">
              <thead class="text-left text-soft"
                ><tr
                  ><th class="font-normal">where</th><th class="font-normal">as taught</th><th class="font-normal"
                    >now</th
                  ></tr
                ></thead
              >
              <tbody>
                {#each one.differences as difference, nth (nth)}
                  <tr class="border-t border-line align-top"
                    ><td class="pr-2">{difference.where}{difference.bar ? `, bar ${difference.bar}` : ''}</td>
                    <td class="pr-2">{difference.before || 'nothing'}</td><td>{difference.after || 'nothing'}</td></tr
                  >
                {/each}
              </tbody>
            </table>
            <Button kind="quiet" onclick={() => teach(one.kind, one.subject)}>They know it as it stands now</Button>
          </details>
        {/if}
      </li>
    {:else}<li class="text-soft">Nothing has been written down as taught.</li>{/each}
  </ul>
  {#if subjects.length > 0}
    <p class="mt-1 flex gap-1">
      <select
        aria-label="What was taught"
        bind:value={picked}
        class="min-w-0 rounded-xs border border-line bg-raised px-1 py-0.5 text-sm"
      >
        <option value="">taught today …</option>
        {#each subjects as one (`${one.kind} ${one.id}`)}<option value="{one.kind} {one.id}">{one.name}</option>{/each}
      </select>
      <Button
        disabled={picked === ''}
        onclick={() => {
          const [kind = '', id = ''] = picked.split(' ');
          void teach(kind, id);
        }}>Write down</Button
      >
    </p>
  {/if}
</section>
