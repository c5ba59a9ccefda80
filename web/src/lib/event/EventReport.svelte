<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { clock } from '$lib/song/clock';

  let { report, eventId, routineId }: { report: Schemas['EventReport']; eventId: string; routineId: string } = $props();
  const MARKS: Record<string, { mark: string; word: string; look: string }> = {
    kept: { mark: '✓', word: 'kept', look: 'text-sound' },
    broken: { mark: '✕', word: 'not kept', look: 'font-semibold text-broken' },
    ask: { mark: '?', word: 'ask', look: 'text-doubtful' }
  };
  const broken = $derived(report.lines.filter((line) => line.verdict === 'broken').length);
</script>

<article class="border border-line bg-sheet p-5 print:border-0 print:bg-white print:p-0" aria-label="Report">
  <p class="text-sm text-soft">{report.event}</p>
  <h2 class="text-2xl">{report.routine}</h2>
  <p class="mb-3 text-sm">
    {report.dance}{report.couple ? `, ${report.couple}` : ''}, {clock(report.seconds)}
  </p>
  <p role="status" class={['mb-3 font-display text-lg', report.kept ? 'text-sound' : 'text-broken']}>
    {report.kept ? 'Nothing stands against it.' : `${broken} ${broken === 1 ? 'thing is' : 'things are'} not kept.`}
  </p>
  <table class="w-full text-sm">
    <tbody>
      {#each report.lines as line, i (i)}
        {@const mark = MARKS[line.verdict]}
        <tr class="border-t border-line align-top">
          <th scope="row" class="py-1.5 pr-3 text-left font-semibold whitespace-nowrap">{line.about}</th>
          <td class={['py-1.5 pr-3 whitespace-nowrap', mark?.look]}
            ><span aria-hidden="true">{mark?.mark}</span> {mark?.word}</td
          >
          <td class="py-1.5">{line.detail}</td>
        </tr>
      {/each}
    </tbody>
  </table>
  <p class="mt-4 text-xs text-soft">
    Worked out from the charts and from what was typed in about the event. The organiser's own rules come first.
  </p>
  <p class="mt-2 flex gap-2 print:hidden">
    <a
      class="rounded-xs border border-strong bg-raised px-2.5 py-1 text-sm hover:border-accent hover:text-accent"
      href="/print/routine/{routineId}?with={encodeURIComponent(eventId)}">Print or PDF</a
    >
    <a href="/routines/{routineId}" class="self-center text-sm text-accent underline">To the routine</a>
  </p>
</article>
