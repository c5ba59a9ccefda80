import {
  CapsuleGeometry,
  Color,
  CylinderGeometry,
  DoubleSide,
  Group,
  LatheGeometry,
  Mesh,
  MeshStandardMaterial,
  Quaternion,
  SphereGeometry,
  Vector2,
  Vector3,
  type BufferGeometry
} from 'three';
import { Arms } from './arms';
import { SHOE, type Dancer, type Place, type Shoe } from './dancer';
import type { Colours } from './colours';

const UP = new Vector3(0, 1, 0);
const from = new Vector3();
const to = new Vector3();
const way = new Vector3();
const turn = new Quaternion();

/** How wide a skirt falls at the height of the knee, and a knee with room around it; metres. */
const AT_KNEE = 0.25;
const KNEE = 0.085;

/** A dancer made of simple solids, moved by the joints of a {@link Dancer}. */
export class Body {
  readonly group = new Group();
  readonly arms: Arms;
  readonly dancer: Dancer;
  readonly #leftKnee: Place = { x: 0, y: 0, z: 0 };
  readonly #rightKnee: Place = { x: 0, y: 0, z: 0 };
  readonly #bones: Record<string, Mesh> = {};
  readonly #parts: Record<string, Mesh> = {};
  readonly #materials: MeshStandardMaterial[] = [];

  constructor(dancer: Dancer, colours: Colours) {
    this.dancer = dancer;
    this.arms = new Arms(dancer);
    const man = dancer.role === 'man';
    const main = new Color(man ? colours.man : colours.lady);
    const cloth = this.#material(main, 0.75);
    const dark = this.#material(main.clone().lerp(new Color(0x15121c), 0.62), 0.8);
    const skin = this.#material(new Color(0xd9b59a), 0.6);
    const shoes = this.#material(new Color(man ? 0x191720 : 0xc89f6d), 0.4);
    const hair = this.#material(new Color(man ? 0x2a211d : 0x54382a), 0.7);
    const { build } = dancer;
    const legs = man ? dark : skin;
    for (const side of ['left', 'right']) {
      this.#bone(`${side}Thigh`, tapered(man ? 0.078 : 0.07, man ? 0.055 : 0.048), legs);
      this.#bone(`${side}Shank`, tapered(man ? 0.054 : 0.046, man ? 0.04 : 0.03), legs);
      this.#bone(`${side}Upper`, tapered(man ? 0.05 : 0.037, man ? 0.042 : 0.03), man ? cloth : skin);
      this.#bone(`${side}Fore`, tapered(man ? 0.041 : 0.03, man ? 0.033 : 0.022), man ? cloth : skin);
      this.#part(`${side}Knee`, new SphereGeometry(man ? 0.055 : 0.047, 14, 10), legs);
      this.#part(`${side}Hand`, new SphereGeometry(man ? 0.044 : 0.036, 12, 10), skin);
      this.#part(`${side}Sole`, soleShape(build.shoe * (SHOE.ball - SHOE.heel), man), shoes);
      this.#part(`${side}Toe`, toeShape(build.shoe * (SHOE.toe - SHOE.ball), man), shoes);
    }
    this.#bone('torso', torsoShape(man), cloth);
    this.#part('pelvis', new SphereGeometry(1, 20, 14), man ? dark : cloth);
    this.#bone('neck', tapered(0.045, 0.05), skin);
    this.#part('head', new SphereGeometry(1, 22, 16), skin);
    this.#part('hair', new SphereGeometry(1, 24, 16, 0, Math.PI * 2, 0, Math.PI * 0.54), hair);
    if (!man) this.#part('bun', new SphereGeometry(build.torso * 0.085, 14, 10), hair);
    this.#part('nose', new CapsuleGeometry(0.011, 0.02, 4, 8), skin);
    if (!man) {
      const folds = this.#material(main, 0.8);
      folds.side = DoubleSide;
      this.#part('skirt', skirtShape(build.thigh), folds);
    }
  }

  /** Fades the dancer for somebody who practises alone. */
  fade(opacity: number) {
    this.group.visible = opacity > 0;
    for (const material of this.#materials) {
      material.transparent = opacity < 1;
      material.opacity = opacity;
      material.depthWrite = opacity >= 1;
    }
  }

  /** Stands as the dancer does; the arms have reached. */
  move() {
    const { dancer, arms } = this;
    const { build } = dancer;
    dancer.knee(this.#leftKnee, 'left');
    dancer.knee(this.#rightKnee, 'right');
    this.#span('leftThigh', dancer.leftHip, this.#leftKnee);
    this.#span('rightThigh', dancer.rightHip, this.#rightKnee);
    this.#span('leftShank', this.#leftKnee, dancer.leftAnkle);
    this.#span('rightShank', this.#rightKnee, dancer.rightAnkle);
    this.#put('leftKnee', this.#leftKnee);
    this.#put('rightKnee', this.#rightKnee);
    this.#span('leftUpper', dancer.leftShoulder, arms.leftElbow);
    this.#span('rightUpper', dancer.rightShoulder, arms.rightElbow);
    this.#span('leftFore', arms.leftElbow, arms.leftHand);
    this.#span('rightFore', arms.rightElbow, arms.rightHand);
    this.#put('leftHand', arms.leftHand);
    this.#put('rightHand', arms.rightHand);
    this.#shoe('left', dancer.left);
    this.#shoe('right', dancer.right);
    const pelvis = this.#put('pelvis', dancer.hips);
    pelvis.scale.set(0.095, 0.115, build.halfHips * 1.75);
    pelvis.rotation.set(0, -dancer.pelvisFacing, 0);
    const torso = this.#span('torso', dancer.hips, dancer.chest);
    torso.rotateY(-dancer.facing);
    this.#head();
    const skirt = this.#parts.skirt;
    if (skirt) {
      this.#put('skirt', dancer.hips);
      skirt.rotation.set(0, -dancer.pelvisFacing, 0);
      this.#widen(skirt);
    }
  }

  /** A skirt gives way to the knees within it. */
  #widen(skirt: Mesh) {
    const { dancer } = this;
    const cosine = Math.cos(dancer.pelvisFacing);
    const sine = Math.sin(dancer.pelvisFacing);
    let ahead = 0;
    let aside = 0;
    for (let nth = 0; nth < 2; nth++) {
      const knee = nth === 0 ? this.#leftKnee : this.#rightKnee;
      const x = knee.x - dancer.hips.x;
      const y = knee.y - dancer.hips.y;
      ahead = Math.max(ahead, Math.abs(x * cosine + y * sine));
      aside = Math.max(aside, Math.abs(y * cosine - x * sine));
    }
    skirt.scale.x = Math.max(1, (ahead + KNEE) / AT_KNEE);
    skirt.scale.z = Math.max(1, (aside + KNEE) / AT_KNEE);
  }

  #head() {
    const { dancer } = this;
    const { chest, headFacing, facing, sway } = dancer;
    const size = dancer.build.torso * 0.2;
    const lean = Math.sin(sway) * 0.06;
    const x = chest.x - lean * Math.sin(facing);
    const y = chest.y + lean * Math.cos(facing);
    const high = chest.z + dancer.build.torso * 0.4;
    const head = this.#at('head', x, y, high);
    head.scale.set(size * 1.06, size * 1.3, size * 0.95);
    head.rotation.set(0, -headFacing, 0);
    const back = size * 0.14;
    const hair = this.#at('hair', x - Math.cos(headFacing) * back, y - Math.sin(headFacing) * back, high + size * 0.14);
    hair.scale.set(size * 1.09, size * 1.24, size * 1.03);
    hair.rotation.set(0, -headFacing, 0);
    hair.rotateZ(0.62);
    if (this.#parts.bun) {
      const far = size * 1.12;
      this.#at('bun', x - Math.cos(headFacing) * far, y - Math.sin(headFacing) * far, high + size * 0.2);
    }
    const nose = this.#at(
      'nose',
      x + Math.cos(headFacing) * size * 1.06,
      y + Math.sin(headFacing) * size * 1.06,
      high - size * 0.05
    );
    nose.rotation.set(0, -headFacing, 0);
    nose.rotateZ(0.3);
    from.set(chest.x, chest.z - 0.01, chest.y);
    to.set(x, high - size * 0.5, y);
    this.#between('neck');
  }

  /** Heel to ball as it is tipped, and the toes flat on the floor while the ball is. */
  #shoe(side: string, shoe: Shoe) {
    const { build } = this.dancer;
    const length = build.shoe * (SHOE.ball - SHOE.heel);
    const tip = Math.asin(Math.max(-0.95, Math.min(0.97, (shoe.heel - shoe.ball) / length)));
    const ball = build.shoe * SHOE.ball;
    const x = shoe.x + ball * Math.cos(shoe.direction);
    const y = shoe.y + ball * Math.sin(shoe.direction);
    const sole = this.#at(`${side}Sole`, x, y, shoe.ball);
    sole.rotation.set(0, -shoe.direction, 0);
    sole.rotateX((shoe.edge * Math.PI) / 180);
    sole.rotateZ(-tip);
    const toe = this.#at(`${side}Toe`, x, y, shoe.ball);
    toe.rotation.set(0, -shoe.direction, 0);
    toe.rotateZ(shoe.ball < 0.01 ? 0 : -tip);
  }

  #material(colour: Color, roughness: number) {
    const material = new MeshStandardMaterial({ color: colour, roughness, metalness: 0 });
    this.#materials.push(material);
    return material;
  }

  #part(name: string, geometry: BufferGeometry, material: MeshStandardMaterial) {
    const mesh = new Mesh(geometry, material);
    mesh.castShadow = true;
    this.#parts[name] = mesh;
    this.group.add(mesh);
  }

  #bone(name: string, geometry: BufferGeometry, material: MeshStandardMaterial) {
    const mesh = new Mesh(geometry, material);
    mesh.castShadow = true;
    this.#bones[name] = mesh;
    this.group.add(mesh);
  }

  #put(name: string, at: Place): Mesh {
    return this.#at(name, at.x, at.y, at.z);
  }

  #at(name: string, x: number, y: number, z: number): Mesh {
    const mesh = this.#parts[name] as Mesh;
    mesh.position.set(x, z, y);
    return mesh;
  }

  #span(name: string, a: Place, b: Place): Mesh {
    from.set(a.x, a.z, a.y);
    to.set(b.x, b.z, b.y);
    return this.#between(name);
  }

  #between(name: string): Mesh {
    const mesh = this.#bones[name] as Mesh;
    way.subVectors(to, from);
    const length = Math.max(1e-4, way.length());
    mesh.position.copy(from);
    mesh.quaternion.copy(turn.setFromUnitVectors(UP, way.divideScalar(length)));
    mesh.scale.set(1, length, 1);
    return mesh;
  }
}

/** A limb of length one along y, from one radius to another. */
function tapered(begin: number, end: number) {
  const geometry = new CylinderGeometry(end, begin, 1, 16, 1);
  geometry.translate(0, 0.5, 0);
  return geometry;
}

/** From the waist to the shoulders, deeper than it is wide at neither; length one along y, broad along z. */
function torsoShape(man: boolean) {
  const outline = man
    ? [0.098, 0.1, 0.118, 0.142, 0.158, 0.15, 0.1, 0.05]
    : [0.088, 0.078, 0.088, 0.112, 0.122, 0.116, 0.08, 0.04];
  const heights = [0, 0.2, 0.4, 0.62, 0.8, 0.92, 1.01, 1.05];
  const geometry = new LatheGeometry(
    outline.map((radius, i) => new Vector2(radius, heights[i] ?? 1)),
    28
  );
  geometry.scale(0.76, 1, 1.28);
  return geometry;
}

/** Falls from the waist to below the knee, open enough for a long step. */
function skirtShape(thigh: number) {
  const outline = [
    [0.1, 0.12],
    [0.18, 0],
    [0.24, -thigh * 0.5],
    [0.33, -thigh * 1.2]
  ];
  return new LatheGeometry(
    outline.map(([radius, height]) => new Vector2(radius, height)),
    36
  );
}

/** The shoe behind the ball, which is its origin; a lady's has a heel under it. */
function soleShape(length: number, man: boolean) {
  const geometry = new CapsuleGeometry(man ? 0.046 : 0.038, length * 0.86, 5, 12);
  geometry.rotateZ(Math.PI / 2);
  geometry.scale(1, man ? 0.85 : 0.72, 0.86);
  geometry.translate(-length * 0.5, man ? 0.042 : 0.036, 0);
  return geometry;
}

/** The shoe before the ball. */
function toeShape(length: number, man: boolean) {
  const geometry = new SphereGeometry(1, 16, 10);
  geometry.scale(length * 1.12, man ? 0.032 : 0.025, man ? 0.044 : 0.036);
  geometry.translate(length * 0.15, man ? 0.03 : 0.024, 0);
  return geometry;
}
