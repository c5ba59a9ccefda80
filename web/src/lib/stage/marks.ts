import {
  BoxGeometry,
  CircleGeometry,
  Color,
  DoubleSide,
  Group,
  Mesh,
  MeshBasicMaterial,
  RingGeometry,
  type BufferGeometry
} from 'three';
import type { Colours } from './colours';
import type { Dancer, Place } from './dancer';
import { Turning } from './turning';

const SLICES = 96;
const FULL = Math.PI * 2;
/** Less than this in degrees is shown as no turn. */
const LEAST = 6;
const HIGH = 0.009;
/** How far the two may go on together, in metres, and how far they have to go round each other, in a beat, to be circling. */
const STAYS = 0.3;
const ROUND = Math.PI / 3;

/** What is drawn on the floor beside the dancers: lines of shoulders and hips, the arc of a turn, the centre of a circle. */
export class Marks {
  readonly group = new Group();
  readonly #dancers: readonly Dancer[];
  readonly #shoulders: Mesh[];
  readonly #hips: Mesh[];
  readonly #arcs: Mesh[];
  readonly #centre: Mesh;
  readonly #turnings: Turning[][];
  /** Which of them each dancer is in. */
  readonly #now: number[];
  readonly #circling: Uint8Array;
  readonly #from: number;

  constructor(dancers: readonly Dancer[], onsets: readonly number[], from: number, end: number, look: Colours) {
    this.#dancers = dancers;
    this.#from = from;
    const paint = (colour: string, opacity: number) =>
      new MeshBasicMaterial({
        color: new Color(colour),
        transparent: true,
        opacity,
        depthWrite: false,
        side: DoubleSide
      });
    const of = (dancer: Dancer) => (dancer.role === 'man' ? look.man : look.lady);
    const flat = (shape: BufferGeometry, colour: string, opacity: number) => {
      const mesh = new Mesh(shape, paint(colour, opacity));
      mesh.position.y = HIGH;
      this.group.add(mesh);
      return mesh;
    };
    this.#shoulders = dancers.map((dancer) => flat(new BoxGeometry(1, 0.001, 0.045), of(dancer), 0.85));
    this.#hips = dancers.map((dancer) => flat(new BoxGeometry(1, 0.001, 0.018), of(dancer), 0.7));
    this.#arcs = dancers.map((dancer) => flat(ring(dancer.role), of(dancer), 0.55));
    for (const arc of this.#arcs) arc.rotation.x = Math.PI / 2;
    this.#centre = flat(new CircleGeometry(0.07, 24), look.accent, 0.9);
    this.#centre.rotation.x = Math.PI / 2;
    const spans = onsets.map((onset, nth) => ({ from: onset, to: onsets[nth + 1] ?? end }));
    this.#turnings = dancers.map((dancer) => spans.map(({ from: a, to: b }) => new Turning(dancer, a, b)));
    this.#now = dancers.map(() => 0);
    this.#circling = circling(dancers, from, end);
  }

  /** Follows the dancers, who have taken the pose of a beat. */
  move(beat: number) {
    for (let i = 0; i < this.#dancers.length; i++) {
      const dancer = this.#dancers[i] as Dancer;
      line(this.#shoulders[i] as Mesh, dancer.leftShoulder, dancer.rightShoulder, 1.25);
      line(this.#hips[i] as Mesh, dancer.leftHip, dancer.rightHip, 1.5);
      this.#arc(i, dancer, beat);
    }
    const [a, b] = this.#dancers;
    this.#centre.visible = this.#circling[Math.floor((beat - this.#from) * 2)] === 1;
    if (a && b) this.#centre.position.set((a.hips.x + b.hips.x) / 2, HIGH + 0.002, (a.hips.y + b.hips.y) / 2);
  }

  /** From where the body faced as the step before was taken to where it faces now. */
  #arc(i: number, dancer: Dancer, beat: number) {
    const arc = this.#arcs[i] as Mesh;
    const turnings = this.#turnings[i] as Turning[];
    let nth = this.#now[i] ?? 0;
    if ((turnings[nth]?.from ?? 0) > beat + 0.001) nth = 0;
    while ((turnings[nth + 1]?.from ?? Infinity) <= beat + 0.001) nth++;
    this.#now[i] = nth;
    const now = turnings[nth];
    const degrees = now && Math.abs(now.whole) >= LEAST ? now.at(beat) : 0;
    const slices = Math.min(SLICES, Math.round((Math.abs(degrees) / 360) * SLICES));
    arc.visible = slices > 0 && dancer.shown;
    if (!now || !arc.visible) return;
    (arc.geometry as BufferGeometry).setDrawRange(0, slices * 6);
    arc.position.x = dancer.hips.x;
    arc.position.z = dancer.hips.y;
    // A ring goes on from where it begins; to the left it is laid from where the turn has come to.
    const begins = dancer.turnedAt(now.from);
    arc.rotation.z = degrees > 0 ? begins : begins + (degrees * Math.PI) / 180;
  }

  /** From above they are seen through the dancers. */
  seenThrough(through: boolean) {
    for (const mesh of [...this.#shoulders, ...this.#hips, this.#centre]) {
      (mesh.material as MeshBasicMaterial).depthTest = !through;
      mesh.renderOrder = through ? 10 : 0;
    }
  }

  /** Fades with who is faded. */
  alone(role: string | null) {
    this.#dancers.forEach((dancer, i) => {
      dancer.shown = role === null || dancer.role === role;
      for (const mesh of [this.#shoulders[i], this.#hips[i]]) if (mesh) mesh.visible = dancer.shown;
    });
  }
}

/** His round hers, so that neither hides the other. */
function ring(role: string) {
  const inner = role === 'man' ? 0.84 : 0.72;
  return new RingGeometry(inner, inner + 0.08, SLICES, 1, 0, FULL);
}

function line(mesh: Mesh, a: Place, b: Place, longer: number) {
  const dx = b.x - a.x;
  const dy = b.y - a.y;
  mesh.position.x = (a.x + b.x) / 2;
  mesh.position.z = (a.y + b.y) / 2;
  mesh.scale.x = Math.max(0.01, Math.hypot(dx, dy) * longer);
  mesh.rotation.y = -Math.atan2(dy, dx);
}

/** For every half beat, whether the two go round a centre between them that stays. */
function circling(dancers: readonly Dancer[], from: number, end: number): Uint8Array {
  const halves = Math.max(1, Math.ceil((end - from) * 2) + 1);
  const found = new Uint8Array(halves);
  const [a, b] = dancers;
  if (!a || !b) return found;
  const at = (beat: number) => {
    a.pose(beat);
    b.pose(beat);
    const x = (a.hips.x + b.hips.x) / 2;
    const y = (a.hips.y + b.hips.y) / 2;
    return { x, y, axis: Math.atan2(b.hips.y - a.hips.y, b.hips.x - a.hips.x) };
  };
  for (let i = 0; i < halves; i++) {
    const before = at(from + i / 2 - 0.5);
    const after = at(from + i / 2 + 0.5);
    const turned = Math.abs(Math.atan2(Math.sin(after.axis - before.axis), Math.cos(after.axis - before.axis)));
    if (turned > ROUND && Math.hypot(after.x - before.x, after.y - before.y) < STAYS) found[i] = 1;
  }
  return found;
}
