import { Arms } from './arms';
import { SHOE, type Dancer, type Place, type Shoe } from './dancer';

/** A pen stroke or a filled outline in a flat picture; metres, x to the right, y down. */
export interface Shape {
  d: string;
  /** How wide a stroke is; none for what is filled. */
  wide?: number;
  /** Which of a dancer's tints. */
  tint: 'cloth' | 'dark' | 'skin' | 'shoe' | 'hair';
  /** How far from the eye. */
  far: number;
}

/** The joints of one dancer as they are seen from a direction, standing up: from the wall, the line of dance goes to the right. */
export class Sketch {
  readonly dancer: Dancer;
  readonly arms: Arms;

  constructor(dancer: Dancer) {
    this.dancer = dancer;
    this.arms = new Arms(dancer);
  }

  /**
   * What there is to draw of the pose taken.
   *
   * @param seen radians from which it is seen: 0 from the wall, a quarter of a circle for along the line
   * @param middle what stands in the middle of the picture
   */
  shapes(seen: number, middle: { x: number; y: number }): Shape[] {
    const { dancer, arms } = this;
    const cosine = Math.cos(seen);
    const sine = Math.sin(seen);
    const across = (p: Place) => (p.x - middle.x) * cosine + (p.y - middle.y) * sine;
    const far = (p: Place) => (p.x - middle.x) * sine - (p.y - middle.y) * cosine;
    const at = (p: Place) => `${across(p).toFixed(3)} ${(-p.z).toFixed(3)}`;
    const stroke = (tint: Shape['tint'], wide: number, ...points: Place[]): Shape => ({
      d: `M${points.map(at).join('L')}`,
      wide,
      tint,
      far: points.reduce((sum, one) => sum + far(one), 0) / points.length
    });
    const man = dancer.role === 'man';
    const leg = man ? 'dark' : 'skin';
    const sleeve = man ? 'cloth' : 'skin';
    const thick = man ? 1 : 0.82;
    const body = far(dancer.hips);
    const shapes: Shape[] = [];
    for (const side of ['left', 'right'] as const) {
      const shoe = dancer[side];
      const ankle = dancer[`${side}Ankle`];
      const knee: Place = { x: 0, y: 0, z: 0 };
      dancer.knee(knee, side);
      const thigh = stroke(leg, 0.12 * thick, dancer[`${side}Hip`], knee);
      const shank = stroke(leg, 0.095 * thick, knee, ankle);
      // A skirt hangs before the legs within it.
      for (const part of [thigh, shank]) shapes.push(man ? part : { ...part, far: Math.max(part.far, body + 0.01) });
      shapes.push({ ...stroke('shoe', 0.055, ...soleOf(shoe, dancer.build.shoe)), far: far(ankle) - 0.02 });
      shapes.push(stroke(sleeve, 0.085 * thick, dancer[`${side}Shoulder`], arms[`${side}Elbow`]));
      shapes.push(stroke(sleeve, 0.07 * thick, arms[`${side}Elbow`], arms[`${side}Hand`]));
    }
    shapes.push({ ...stroke('cloth', man ? 0.27 : 0.2, dancer.hips, low(dancer.chest, 0.12)), far: body });
    shapes.push({ ...stroke('cloth', 0.11 * thick, dancer.leftShoulder, dancer.rightShoulder), far: body - 0.01 });
    if (!man) shapes.push({ d: this.#skirt(across), tint: 'cloth', far: body - 0.005 });
    const head = low(dancer.chest, -dancer.build.torso * 0.4);
    shapes.push({ ...stroke('skin', 0.09, low(head, 0.16), head), far: body });
    shapes.push({ ...stroke('skin', 0.2, head, low(head, -0.03)), far: far(head) });
    const nose = {
      x: head.x + 0.13 * Math.cos(dancer.headFacing),
      y: head.y + 0.13 * Math.sin(dancer.headFacing),
      z: head.z
    };
    shapes.push({ ...stroke('skin', 0.035, head, nose), far: far(nose) });
    const back = {
      x: head.x - 0.03 * Math.cos(dancer.headFacing),
      y: head.y - 0.03 * Math.sin(dancer.headFacing),
      z: head.z + 0.05
    };
    shapes.push({ ...stroke('hair', 0.17, back, low(back, -0.01)), far: far(back) });
    return shapes;
  }

  #skirt(across: (p: Place) => number): string {
    const { hips, build } = this.dancer;
    const x = across(hips);
    const waist = hips.z + 0.1;
    const hem = hips.z - build.thigh * 1.15;
    return `M${x - 0.1} ${-waist}L${x + 0.1} ${-waist}L${x + 0.3} ${-hem}Q${x} ${-hem + 0.07} ${x - 0.3} ${-hem}Z`;
  }
}

const low = (p: Place, by: number): Place => ({ x: p.x, y: p.y, z: p.z - by });

/** Heel, ball and toe of a shoe. */
function soleOf(shoe: Shoe, length: number): Place[] {
  const on = (share: number, z: number): Place => ({
    x: shoe.x + share * length * Math.cos(shoe.direction),
    y: shoe.y + share * length * Math.sin(shoe.direction),
    z: z + 0.025
  });
  return [on(SHOE.heel, shoe.heel), on(SHOE.ball, shoe.ball), on(SHOE.toe, shoe.ball)];
}
