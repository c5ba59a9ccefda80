import type { RoleName, Schemas } from '$lib/api/client';
import { Sampler } from './sampler';

const SIXTEENTH = Math.PI / 8;

/** A point of the room in metres: x and y on the floor, z up. */
export interface Place {
  x: number;
  y: number;
  z: number;
}

const place = (): Place => ({ x: 0, y: 0, z: 0 });

/** A shoe as it is: its middle, where the toes point, heel and ball above the floor. */
export interface Shoe {
  x: number;
  y: number;
  direction: number;
  heel: number;
  ball: number;
  edge: number;
}

const shoe = (): Shoe => ({ x: 0, y: 0, direction: 0, heel: 0, ball: 0, edge: 0 });

/** The parts of a shoe before and behind its middle, as the core's laws have them, in lengths of the shoe. */
export const SHOE = { ball: 0.22, heel: -0.42, ankle: -0.28, toe: 0.5 };

/** The curves of a shoe, found once. */
class ShoeCurves {
  readonly #x: Sampler;
  readonly #y: Sampler;
  readonly #direction: Sampler;
  readonly #heel: Sampler;
  readonly #ball: Sampler;
  readonly #edge: Sampler;

  constructor(of: (name: string) => Sampler, foot: 'left' | 'right') {
    this.#x = of(`${foot}X`);
    this.#y = of(`${foot}Y`);
    this.#direction = of(`${foot}Direction`);
    this.#heel = of(`${foot}Heel`);
    this.#ball = of(`${foot}Ball`);
    this.#edge = of(`${foot}Edge`);
  }

  take(into: Shoe, beat: number) {
    into.x = this.#x.at(beat);
    into.y = this.#y.at(beat);
    into.direction = this.#direction.at(beat) * SIXTEENTH;
    into.heel = this.#heel.at(beat);
    into.ball = this.#ball.at(beat);
    into.edge = this.#edge.at(beat);
  }
}

/** One dancer's joints at a beat; the same objects every time. Angles are radians clockwise from x. */
export class Dancer {
  readonly role: RoleName;
  readonly build: Schemas['BuildView'];
  readonly hands: Schemas['HandsView'][];
  readonly left = shoe();
  readonly right = shoe();
  readonly hips = place();
  readonly leftHip = place();
  readonly rightHip = place();
  readonly leftAnkle = place();
  readonly rightAnkle = place();
  readonly chest = place();
  readonly leftShoulder = place();
  readonly rightShoulder = place();
  /** Where the hips, the ribcage and the nose point. */
  pelvisFacing = 0;
  facing = 0;
  headFacing = 0;
  sway = 0;
  onLeft = 0;
  /** Whether somebody is to be seen in full, rather than faded. */
  shown = true;
  readonly #pole = place();
  readonly #shoes: readonly [ShoeCurves, ShoeCurves];
  readonly #onLeft: Sampler;
  readonly #x: Sampler;
  readonly #y: Sampler;
  readonly #height: Sampler;
  readonly #body: Sampler;
  readonly #twist: Sampler;
  readonly #hip: Sampler;
  readonly #tilt: Sampler;
  readonly #shoulders: Sampler;
  readonly #sway: Sampler;
  readonly #head: Sampler;

  constructor(view: Schemas['DancerView']) {
    this.role = view.role as RoleName;
    this.build = view.build;
    this.hands = view.hands;
    const of = (name: string) => new Sampler(view.curves[name] ?? []);
    this.#shoes = [new ShoeCurves(of, 'left'), new ShoeCurves(of, 'right')];
    this.#onLeft = of('onLeft');
    this.#x = of('x');
    this.#y = of('y');
    this.#height = of('height');
    this.#body = of('body');
    this.#twist = of('twist');
    this.#hip = of('hip');
    this.#tilt = of('tilt');
    this.#shoulders = of('shoulders');
    this.#sway = of('sway');
    this.#head = of('head');
  }

  /** Takes the pose of a beat. */
  pose(beat: number) {
    const { build } = this;
    this.#shoes[0].take(this.left, beat);
    this.#shoes[1].take(this.right, beat);
    this.onLeft = this.#onLeft.at(beat);
    const body = this.#body.at(beat) * SIXTEENTH;
    this.pelvisFacing = body + this.#twist.at(beat) * SIXTEENTH;
    this.facing = body + this.#shoulders.at(beat) * SIXTEENTH;
    this.headFacing = this.#head.at(beat) * SIXTEENTH;
    this.sway = (this.#sway.at(beat) * Math.PI) / 180;
    const aside = this.#hip.at(beat);
    const tilt = (this.#tilt.at(beat) * Math.PI) / 180;
    this.hips.x = this.#x.at(beat) - aside * Math.sin(body);
    this.hips.y = this.#y.at(beat) + aside * Math.cos(body);
    this.hips.z = this.#height.at(beat);
    this.#beside(this.leftHip, this.hips, this.pelvisFacing, -build.halfHips, -build.halfHips * Math.sin(tilt));
    this.#beside(this.rightHip, this.hips, this.pelvisFacing, build.halfHips, build.halfHips * Math.sin(tilt));
    ankle(this.leftAnkle, this.left, build);
    ankle(this.rightAnkle, this.right, build);
    const lean = build.torso * Math.sin(this.sway);
    const rise = build.torso * Math.cos(this.sway);
    this.#beside(this.chest, this.hips, this.facing, lean, rise);
    const drop = build.halfShoulders * Math.sin(this.sway);
    this.#beside(this.leftShoulder, this.chest, this.facing, -build.halfShoulders, drop);
    this.#beside(this.rightShoulder, this.chest, this.facing, build.halfShoulders, -drop);
  }

  /** Where the body faces at a beat, not wrapped; the pose stays as it is. */
  turnedAt(beat: number): number {
    return this.#body.at(beat) * SIXTEENTH;
  }

  /** Where a knee is in the pose taken. */
  knee(into: Place, side: 'left' | 'right') {
    const shoe = this[side];
    const ahead = (shoe.direction + this.pelvisFacing) / 2;
    const apart = Math.abs(shoe.direction - this.pelvisFacing);
    // Where foot and hips point far apart, the knee goes with the foot.
    const facing = apart < Math.PI / 2 ? ahead : shoe.direction;
    this.#pole.x = Math.cos(facing);
    this.#pole.y = Math.sin(facing);
    this.#pole.z = 0.15;
    const hip = side === 'left' ? this.leftHip : this.rightHip;
    const ankle = side === 'left' ? this.leftAnkle : this.rightAnkle;
    bend(into, hip, ankle, this.build.thigh, this.build.shank, this.#pole);
  }

  /** What the hands hold at a beat. */
  held(beat: number): Schemas['HandsView'] | undefined {
    let now = this.hands[0];
    for (const next of this.hands) {
      if (next.beat > beat) break;
      now = next;
    }
    return now;
  }

  /** A point so far to the right of another as somebody sees it who faces that way, and so much higher. */
  #beside(into: Place, from: Place, facing: number, right: number, up: number) {
    into.x = from.x - right * Math.sin(facing);
    into.y = from.y + right * Math.cos(facing);
    into.z = from.z + up;
  }
}

/** The ankle of a shoe: it turns over the ball as the heel comes up. */
function ankle(into: Place, of: Shoe, build: Schemas['BuildView']) {
  const sine = Math.max(-0.9, Math.min(0.97, (of.heel - of.ball) / ((SHOE.ball - SHOE.heel) * build.shoe)));
  const cosine = Math.sqrt(1 - sine * sine);
  const arm = (SHOE.ball - SHOE.ankle) * build.shoe;
  const ahead = SHOE.ball * build.shoe - (arm * cosine - build.ankle * sine);
  into.x = of.x + ahead * Math.cos(of.direction);
  into.y = of.y + ahead * Math.sin(of.direction);
  into.z = of.ball + arm * sine + build.ankle * cosine;
}

/**
 * The joint between two bones of given lengths from one place to another, bent towards a direction; if they do not reach,
 * the straight line between them.
 */
export function bend(into: Place, from: Place, to: Place, upper: number, lower: number, towards: Place) {
  const dx = to.x - from.x;
  const dy = to.y - from.y;
  const dz = to.z - from.z;
  const length = Math.max(1e-6, Math.hypot(dx, dy, dz));
  const reach = Math.min(length, upper + lower);
  const along = (upper * upper - lower * lower + reach * reach) / (2 * reach);
  const out = Math.sqrt(Math.max(0, upper * upper - along * along));
  const dot = (towards.x * dx + towards.y * dy + towards.z * dz) / (length * length);
  const px = towards.x - dx * dot;
  const py = towards.y - dy * dot;
  const pz = towards.z - dz * dot;
  const side = Math.max(1e-6, Math.hypot(px, py, pz));
  into.x = from.x + (dx / length) * along + (px / side) * out;
  into.y = from.y + (dy / length) * along + (py / side) * out;
  into.z = from.z + (dz / length) * along + (pz / side) * out;
}
