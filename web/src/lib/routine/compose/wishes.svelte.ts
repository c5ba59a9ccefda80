import type { RoutineWork, Routine, Schemas } from '$lib/api/client';

/** A figure that is to be seen, and in which part of the song; blank for the beginning of any phrase. */
export interface Highlight {
  id: string;
  section: string;
}

/** Where on the floor a plan has to go. */
export type Where = 'anywhere' | 'corner' | 'floor';

const LONG = 24;

/** The free elements that a routine begins and ends with: an opening and a close stay when the rest is composed. */
export function framed(work: RoutineWork | null) {
  const blocks = work?.blocks ?? [];
  /** A figure that is gone is not an element that was meant to stay. */
  const danced = (block: Schemas['BlockView']) => block.figure !== undefined || block.missing !== undefined;
  const first = blocks.findIndex(danced);
  const lead = first < 0 ? Math.max(Math.min(1, blocks.length), blocks.length - 1) : first;
  const tail = first < 0 ? blocks.length - lead : blocks.length - 1 - blocks.findLastIndex(danced);
  const beats = (list: typeof blocks) => list.reduce((sum, block) => sum + block.beats, 0);
  return {
    lead,
    tail,
    names: [...blocks.slice(0, lead), ...blocks.slice(blocks.length - tail)].map((block) => block.name),
    leadBars: beats(blocks.slice(0, lead)) / (work?.beatsPerBar ?? 1),
    tailBars: beats(blocks.slice(blocks.length - tail)) / (work?.beatsPerBar ?? 1)
  };
}

/** What a coach asks of a plan, as it is being filled in. */
export class Wishes {
  bars = $state(16);
  first = $state('');
  last = $state('');
  closes = $state(false);
  upTo = $state('');
  required = $state<string[]>([]);
  highlights = $state<Highlight[]>([]);
  limits = $state<Record<string, number>>({});
  where = $state<Where>('anywhere');
  /** Metres along a long side and a short one, where a corner is asked for. */
  long = $state(0);
  short = $state(0);
  /** Hundredths of each long side that a round has to use. */
  share = $state(80);
  wanted = $state(4);
  /** Hundredths of their figures in which proposals differ. */
  apart = $state(34);
  weights = $state<Schemas['UsualView'] | null>(null);
  #each = $state<number | null>(null);

  /** How often a figure may come: a long routine needs them oftener. */
  get each() {
    return this.#each ?? (this.bars >= LONG ? 3 : 2);
  }
  set each(times: number) {
    this.#each = times;
  }

  /** Takes from the routine and its song what they say; what has been asked before stays. */
  begin(work: RoutineWork | null) {
    const song = work?.fit?.sections.reduce((sum, section) => sum + section.bars, 0) ?? 0;
    const frame = framed(work);
    const all = song > 0 ? song : (work?.bars ?? 0);
    const now = Math.floor(all - frame.leadBars - frame.tailBars + 1e-6);
    this.bars = now >= 2 ? now : 16;
    [this.long = 0, this.short = 0] = work?.courseSides ?? [];
    this.weights ??= work?.usual ? { ...work.usual } : null;
  }

  /**
   * The plan as the server wants it.
   *
   * @param allowed ids of the figures that may be used; none for all
   */
  plan(routine: Routine, work: RoutineWork, allowed: string[]): Schemas['PlanDraft'] {
    const before = Math.floor(framed(work).leadBars);
    const sections = (work.fit?.sections ?? []).filter((part) => part.bar + part.bars > before);
    const floor = routine.floor;
    return {
      dance: routine.dance,
      bars: this.bars,
      allowed,
      required: this.required,
      atMost: this.limits,
      eachAtMost: this.each,
      first: this.first,
      last: this.last,
      closes: this.closes,
      phraseBars: routine.phraseBars ?? 8,
      highlights: this.highlights.filter((one) => !one.section).map((one) => one.id),
      moments: this.highlights.flatMap(({ id, section }) =>
        sections
          .filter((part) => (section ? part.name === section : true))
          .map((part) => ({
            bar: Math.max(0, part.bar - before),
            bars: section ? part.bars - Math.max(0, before - part.bar) : 1,
            figure: id
          }))
      ),
      weights: this.weights ?? work.usual,
      ...(this.where === 'corner' && { course: { sides: [this.long, this.short], tolerance: 2 } }),
      ...(this.where === 'floor' && {
        ground: {
          length: floor.length,
          width: floor.width,
          stride: floor.stride,
          share: this.closes ? this.share / 100 : 0
        }
      }),
      wanted: this.wanted,
      apart: this.apart / 100
    };
  }
}
