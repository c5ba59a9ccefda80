import type { RoleName, Schemas } from '$lib/api/client';
import { Dancer } from './dancer';
import { onsetsOf } from './onsets';
import { FrameLog } from './frames';
import { Ladder } from './ladder.svelte';
import { Sounds, type Bands } from './sounds.svelte';
import { Transport } from './transport.svelte';
import type { View } from './views';
import { Wake } from './wake';

/** The picture follows beats no finer than this outside of the stage itself. */
const FINE = 0.015;

/** A share of a loop in which whoever calls a run clean still means the one before. */
const JUST_BEGUN = 0.25;

/** Not for secrets: over a network without encryption a browser has nothing better. */
const newKey = () => `${Date.now().toString(36)}-${Math.random().toString(36).slice(2, 12)}`;

/** By which a cue for a step is known. */
export const cueKey = (figure: string, role: string, row: number) => `${figure} ${role} ${row}`;

/** What is being rehearsed: the motion, where it is, what sounds and from where it is seen. */
export class Rehearsal {
  motion = $state.raw() as Schemas['MotionView'];
  readonly sounds: Sounds;
  readonly transport: Transport;
  readonly ladder = new Ladder();
  readonly frames = new FrameLog();
  /** Both dancers once more, to be asked for poses beside the stage. */
  readonly dancers: Dancer[];
  readonly onsets: number[];
  /** By which the log knows the run under way, and the one before in a loop. */
  #run = newKey();
  #runBefore = '';
  readonly #wake = new Wake();
  view = $state<View>('wall');
  mirrored = $state(false);
  only = $state<'both' | RoleName>('both');
  follow = $state(true);
  lines = $state(true);
  /** Whether whoever is not seen is left out, rather than faded. */
  leftOut = $state(false);
  countIn = $state(true);
  /** What was last said about steps that went wrong before, by {@link cueKey}. */
  cues = $state.raw<Readonly<Record<string, string>>>({});
  beat = $state(0);
  /** How often it is danced before it ends by itself; 0 for as long as the loop goes on. */
  times = 0;
  /** How often it has been danced since it was last set going. */
  runs = $state(0);
  /** Told when it has come to its end. */
  onended: () => void = () => undefined;
  /** Whether the beats of this moment are only counted in. */
  countingIn = $state(false);

  /** @param bandOf what the band plays, where no server is asked */
  constructor(motion: Schemas['MotionView'], loop: { from: number; to: number } | null, bandOf?: Bands) {
    this.sounds = new Sounds(bandOf);
    this.motion = motion;
    this.transport = new Transport(motion, this.sounds.clock);
    this.dancers = motion.dancers.map((view) => new Dancer(view));
    this.onsets = onsetsOf(motion);
    if (loop) this.transport.setLoop(loop);
    this.beat = this.transport.beat;
  }

  get solo() {
    return this.motion.dancers.length < 2;
  }

  /** Bars a minute at which it is danced now. */
  get tempo() {
    return Math.round(this.motion.tempo * this.transport.rate * 10) / 10;
  }

  get block(): Schemas['StageBlock'] | undefined {
    return this.motion.blocks.findLast((one) => one.start <= this.beat + 0.001) ?? this.motion.blocks[0];
  }

  /** The rows of one dancer, in order. */
  rowsOf(role: string): Schemas['StageRow'][] {
    return this.motion.rows.filter((row) => row.role === role);
  }

  /** The beat that is heard now: what is ordered leaves the loudspeaker a little later. */
  moment = () => {
    const { transport, sounds } = this;
    const now = transport.playing ? transport.beatAt(sounds.clock() - sounds.late) : transport.beat;
    return Math.min(now, transport.end);
  };

  /** Once a frame. */
  #tick() {
    const { transport, ladder } = this;
    if (transport.stopAtEnd()) {
      this.sounds.stop();
      this.#wake.set(false);
      this.runs++;
      this.onended();
    }
    if (this.times > 0) this.#count();
    const now = this.moment();
    // Thrown back by about a round, and not before the loop as by a count-in: a run is over.
    const { loop } = transport;
    if (transport.playing && loop && now >= loop.from && this.beat - now > (loop.to - loop.from) / 2) {
      this.#runBefore = this.#run;
      this.#run = newKey();
      const rate = ladder.ran(transport.rate);
      if (rate !== transport.rate) transport.setRate(rate);
    }
    if (Math.abs(now - this.beat) > FINE) this.beat = now;
    const { sounds } = this;
    this.countingIn =
      transport.playing && transport.countsIn(now + 1e-3, transport.roundAt(sounds.clock() - sounds.late));
  }

  /** How often it has been danced, by the clock: a slow machine may draw less than once a round. */
  #count() {
    const { transport, sounds } = this;
    if (!transport.playing || !transport.loop) return;
    const over = transport.roundAt(sounds.clock() - sounds.late);
    if (over <= this.runs) return;
    this.runs = over;
    if (over >= this.times) {
      this.toggle();
      this.onended();
      // Out of the loop for the last time, so that the band comes to an end.
    } else if (over === this.times - 1) transport.setLoop(null);
  }

  toggle = () => {
    const { transport, sounds } = this;
    this.#wake.set(!transport.playing);
    if (transport.playing) {
      transport.pause();
      sounds.stop();
      return;
    }
    sounds.open();
    this.frames.clear();
    this.#runBefore = '';
    this.#run = newKey();
    this.runs = 0;
    transport.play(this.countIn ? this.motion.countIn.bars : 0);
    sounds.start(this.motion, transport, this.only);
  };

  /** The same motion, counted in another language. */
  recount(motion: Schemas['MotionView']) {
    this.motion = motion;
    this.resound();
  }

  /** The voice, the language or the dancer has changed. */
  resound() {
    if (this.transport.playing) this.sounds.start(this.motion, this.transport, this.only);
  }

  /** The run in which a fault is seen now. */
  get run(): string {
    return this.#run;
  }

  /** The run that is called clean now: just after a loop has begun anew, the one before. */
  get runCalled(): string {
    const { loop } = this.transport;
    const begun = loop ? (this.beat - loop.from) / (loop.to - loop.from) : 1;
    return this.#runBefore !== '' && begun < JUST_BEGUN ? this.#runBefore : this.#run;
  }

  step(by: 1 | -1) {
    const { onsets, beat, transport } = this;
    const to = by > 0 ? onsets.find((onset) => onset > beat + 0.02) : onsets.findLast((onset) => onset < beat - 0.02);
    if (transport.playing) this.toggle();
    this.seek(to ?? (by > 0 ? transport.end : transport.begins));
  }

  seek(to: number) {
    this.transport.seek(to);
    this.beat = this.transport.beat;
  }

  #rowAt(at: number) {
    return this.motion.rows.findLast((row) => row.onset <= at + 0.001);
  }

  loopFrom = () => {
    const { transport, beat } = this;
    transport.setLoop({ from: this.#rowAt(beat)?.onset ?? beat, to: transport.loop?.to ?? transport.end });
  };

  loopTo = () => {
    const { transport, beat } = this;
    transport.setLoop({ from: transport.loop?.from ?? transport.begins, to: this.#rowAt(beat)?.end ?? beat });
  };

  loopBlock = () => {
    const { transport, block } = this;
    transport.setLoop(transport.loop || !block ? null : { from: block.start, to: block.end });
  };

  /** As a plan of practice asks: a figure looped, from one tempo up to another, in bars a minute. */
  practise({ from, to }: { from: number; to: number }) {
    const { transport, ladder, motion } = this;
    if (motion.blocks.length < 2) transport.setLoop({ from: transport.begins, to: transport.end });
    if (to > from) {
      ladder.between(from / motion.tempo, to / motion.tempo, 1 / motion.tempo);
      ladder.toggle();
    }
    transport.setRate(from / motion.tempo);
  }

  /** Goes along frame by frame, until what it gives back is called: then everything is given back. */
  begin(): () => void {
    let frame = 0;
    const go = () => {
      frame = requestAnimationFrame(go);
      this.#tick();
    };
    go();
    return () => {
      cancelAnimationFrame(frame);
      this.sounds.close();
      this.#wake.close();
    };
  }
}
