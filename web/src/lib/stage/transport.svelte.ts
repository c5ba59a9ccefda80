import { Timeline } from './timeline';

/** Seconds of a second hand. */
export type Clock = () => number;

export interface Stretch {
  from: number;
  to: number;
}

/** Where the dancing is and how it goes on: one clock for the picture and for every sound. */
export class Transport {
  readonly timeline: Timeline;
  readonly begins: number;
  readonly end: number;
  readonly beatsPerBar: number;
  readonly #clock: Clock;
  /** The clock and the seconds of the music when it was last set going. */
  #started = 0;
  #startedAt = 0;
  #playing = $state(false);
  #rate = $state(1);
  #loop = $state<Stretch | null>(null);
  #resting = $state(0);
  /** Where the dancing itself begins after what is counted in; nothing once it has. */
  #dancesFrom = -Infinity;
  /** Counts up whenever what was foreseen no longer holds, so that sounds already ordered are taken back. */
  changes = $state(0);

  constructor(motion: { seconds: number[]; begins: number; end: number; beatsPerBar: number }, clock: Clock) {
    this.timeline = new Timeline(motion.seconds);
    this.begins = motion.begins;
    this.end = motion.end;
    this.beatsPerBar = motion.beatsPerBar;
    this.#clock = clock;
    this.#resting = motion.begins;
  }

  get playing() {
    return this.#playing;
  }
  get rate() {
    return this.#rate;
  }
  get loop() {
    return this.#loop;
  }

  /** The beat of this moment. */
  get beat(): number {
    return this.#playing ? this.beatAt(this.#clock()) : this.#resting;
  }

  /** Seconds of the music at a moment of the clock, in a loop those of its round. */
  secondsAt(clock: number): number {
    return this.#straight(clock) - this.roundAt(clock) * this.#roundSeconds();
  }

  /** How many rounds of the loop are over at a moment of the clock. */
  roundAt(clock: number): number {
    if (!this.#loop) return 0;
    const past = this.#straight(clock) - this.timeline.seconds(this.#loop.from);
    return Math.max(0, Math.floor(past / this.#roundSeconds() + 1e-9));
  }

  /** Whether a beat of a round is only counted in. */
  countsIn(beat: number, round: number): boolean {
    return round === 0 && beat < this.#dancesFrom - 1e-6;
  }

  /** Where the dancing began after what was counted in. */
  get dancesFrom() {
    return this.#dancesFrom;
  }

  #straight(clock: number): number {
    return this.#startedAt + (clock - this.#started) * this.#rate;
  }

  #roundSeconds(): number {
    return this.#loop ? this.timeline.seconds(this.#loop.to) - this.timeline.seconds(this.#loop.from) : 0;
  }

  /** The beat at a moment of the clock. */
  beatAt(clock: number): number {
    return this.timeline.beat(this.secondsAt(clock));
  }

  /** How many seconds of the clock until a beat not earlier than the one of this moment, in a loop perhaps of the next round. */
  clockUntil(beat: number, clock: number): number {
    const now = this.secondsAt(clock);
    let ahead = this.timeline.seconds(beat) - now;
    if (ahead < 0 && this.#loop) {
      ahead += this.timeline.seconds(this.#loop.to) - this.timeline.seconds(this.#loop.from);
    }
    return ahead / this.#rate;
  }

  /** Goes on from where it rests, after so many bars counted in. */
  play(countIn: number) {
    if (this.#playing) return;
    const from = this.#resting >= this.end - 0.01 ? this.#first() : this.#resting;
    this.#dancesFrom = from;
    this.#go(this.timeline.seconds(from - countIn * this.beatsPerBar));
    this.#playing = true;
  }

  pause() {
    if (!this.#playing) return;
    this.#resting = Math.min(this.end, this.beat);
    this.#playing = false;
    this.changes++;
  }

  seek(beat: number) {
    const to = Math.max(this.begins, Math.min(this.end, beat));
    this.#resting = to;
    this.#dancesFrom = -Infinity;
    if (this.#playing) this.#go(this.timeline.seconds(to));
    else this.changes++;
  }

  setRate(rate: number) {
    const clamped = Math.max(0.2, Math.min(1.3, rate));
    const clock = this.#clock();
    const now = this.secondsAt(clock);
    if (!this.countsIn(this.timeline.beat(now), this.roundAt(clock))) this.#dancesFrom = -Infinity;
    this.#rate = clamped;
    if (this.#playing) this.#go(now);
  }

  setLoop(loop: Stretch | null) {
    const beat = this.beat;
    this.#loop = loop && loop.to - loop.from >= 0.25 ? loop : null;
    if (this.#loop && (beat < this.#loop.from || beat >= this.#loop.to)) this.seek(this.#loop.from);
    else this.seek(beat);
  }

  /** Stops by itself where there is nothing more to dance; whether it did. */
  stopAtEnd(): boolean {
    if (!this.#playing || this.#loop || this.beat < this.end) return false;
    this.#playing = false;
    this.#resting = this.end;
    this.changes++;
    return true;
  }

  #first() {
    return this.#loop?.from ?? this.begins;
  }

  #go(seconds: number) {
    this.#started = this.#clock();
    this.#startedAt = seconds;
    this.changes++;
  }
}
