import { bend, type Dancer, type Place } from './dancer';

const place = (): Place => ({ x: 0, y: 0, z: 0 });

/** Where elbows and hands of both are, by what the hands hold. */
export class Arms {
  readonly leftElbow = place();
  readonly rightElbow = place();
  readonly leftHand = place();
  readonly rightHand = place();
  readonly #pole = place();
  readonly #dancer: Dancer;

  constructor(dancer: Dancer) {
    this.#dancer = dancer;
  }

  /** Reaches for what is held at a beat; the partner, if there is one, has taken the pose already. */
  reach(beat: number, partner: Dancer | undefined, partnersArms: Arms | undefined) {
    const held = this.#dancer.held(beat);
    this.#hand(-1, held?.left ?? 'free', partner, partnersArms);
    this.#hand(1, held?.right ?? 'free', partner, partnersArms);
  }

  #hand(side: -1 | 1, grip: string, partner: Dancer | undefined, partnersArms: Arms | undefined) {
    const me = this.#dancer;
    const hand = side < 0 ? this.leftHand : this.rightHand;
    const elbow = side < 0 ? this.leftElbow : this.rightElbow;
    const shoulder = side < 0 ? me.leftShoulder : me.rightShoulder;
    let low = 1;
    if (!partner || grip === 'free') this.#free(hand, shoulder, side);
    else if (grip === 'shoulder blade') this.#onBack(hand, partner);
    else if (grip === 'waist') this.#aside(hand, partner.hips, partner.pelvisFacing, side * 0.14, 0.12);
    else if (grip === 'upper arm') {
      this.#onArm(hand, partner, partnersArms);
      low = 0.5;
    } else this.#joined(hand, shoulder, side, grip, partner);
    this.#within(hand, shoulder, me.build.arm);
    const out = me.facing;
    this.#pole.x = -side * Math.sin(out) * 0.8 - Math.cos(out) * 0.35;
    this.#pole.y = side * Math.cos(out) * 0.8 - Math.sin(out) * 0.35;
    this.#pole.z = -low;
    bend(elbow, shoulder, hand, me.build.arm * 0.5, me.build.arm * 0.5, this.#pole);
  }

  #free(hand: Place, shoulder: Place, side: number) {
    const { facing, build } = this.#dancer;
    this.#aside(hand, shoulder, facing, side * build.arm * 0.42, -build.arm * 0.72);
    hand.x += Math.cos(facing) * build.arm * 0.2;
    hand.y += Math.sin(facing) * build.arm * 0.2;
  }

  /** On the back below the shoulder blade, on the partner's side that is nearer to this arm. */
  #onBack(hand: Place, partner: Dancer) {
    this.#aside(hand, partner.chest, partner.facing, -partner.build.halfShoulders * 0.55, -partner.build.torso * 0.3);
    hand.x -= Math.cos(partner.facing) * 0.12;
    hand.y -= Math.sin(partner.facing) * 0.12;
  }

  #onArm(hand: Place, partner: Dancer, partnersArms: Arms | undefined) {
    const from = partner.rightShoulder;
    const to = partnersArms?.rightElbow ?? from;
    hand.x = from.x + (to.x - from.x) * 0.55;
    hand.y = from.y + (to.y - from.y) * 0.55;
    hand.z = from.z + (to.z - from.z) * 0.55 + 0.04;
  }

  /** Hands meet between the two shoulders: out to the side where the bodies are close, at the height of the waist else. */
  #joined(hand: Place, shoulder: Place, side: number, grip: string, partner: Dancer) {
    const hers = grip === 'left hand' ? partner.leftShoulder : partner.rightShoulder;
    const other = grip === 'left hand' ? -1 : 1;
    const apart = Math.hypot(hers.x - shoulder.x, hers.y - shoulder.y);
    const close = Math.max(0, Math.min(1, (0.75 - apart) / 0.35));
    const mine = this.#dancer.facing;
    const theirs = partner.facing;
    const outX = -side * Math.sin(mine) - other * Math.sin(theirs);
    const outY = side * Math.cos(mine) + other * Math.cos(theirs);
    const length = Math.max(0.4, Math.hypot(outX, outY));
    const out = (close * 0.42) / length;
    const high = Math.min(shoulder.z, hers.z);
    hand.x = (shoulder.x + hers.x) / 2 + outX * out;
    hand.y = (shoulder.y + hers.y) / 2 + outY * out;
    hand.z = high - 0.32 + close * 0.36;
  }

  #aside(hand: Place, from: Place, facing: number, right: number, up: number) {
    hand.x = from.x - right * Math.sin(facing);
    hand.y = from.y + right * Math.cos(facing);
    hand.z = from.z + up;
  }

  /** No farther from the shoulder than the arm is long. */
  #within(hand: Place, shoulder: Place, arm: number) {
    const length = Math.hypot(hand.x - shoulder.x, hand.y - shoulder.y, hand.z - shoulder.z);
    const most = arm * 0.985;
    if (length <= most) return;
    const share = most / length;
    hand.x = shoulder.x + (hand.x - shoulder.x) * share;
    hand.y = shoulder.y + (hand.y - shoulder.y) * share;
    hand.z = shoulder.z + (hand.z - shoulder.z) * share;
  }
}
