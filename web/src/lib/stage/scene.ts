import {
  AmbientLight,
  Color,
  DirectionalLight,
  Group,
  HemisphereLight,
  PCFShadowMap,
  PerspectiveCamera,
  Scene,
  Spherical,
  Vector3,
  WebGLRenderer,
  type Mesh
} from 'three';
import { OrbitControls } from 'three/addons/controls/OrbitControls.js';
import type { RoleName, Schemas } from '$lib/api/client';
import { Body } from './body';
import { colours, type Colours } from './colours';
import { Dancer } from './dancer';
import { contactShadow, dispose, floor, prints, type Print } from './hall';
import { Marks } from './marks';
import { onsetsOf } from './onsets';
import { room } from './room';
import type { View } from './views';

/** Radians of one step of the eye. */
const STEP = Math.PI / 24;
/** Radians by which the front is seen from the side. */
const ASIDE = 0.42;
/** How many beats a print stays. */
const PRINTS_STAY = 8;

/** The hall with the couple in it; needs WebGL and throws without. */
export class Stage {
  readonly dancers: Dancer[];
  readonly #bodies: Body[];
  readonly #man: Body | undefined;
  readonly #lady: Body | undefined;
  readonly #renderer: WebGLRenderer;
  readonly #scene = new Scene();
  readonly #camera = new PerspectiveCamera(32, 1, 0.05, 120);
  readonly #controls: OrbitControls;
  readonly #hall: Group;
  readonly #prints: Print[];
  readonly #shadows: Mesh[];
  readonly #marks: Marks;
  readonly #sun: DirectionalLight;
  readonly #middle = new Vector3();
  readonly #before = new Vector3();
  #view: View = 'wall';
  #heading = 0;
  #fresh = true;
  /** Whether the camera goes along with the couple. */
  follow = true;

  constructor(canvas: HTMLCanvasElement, motion: Schemas['MotionView']) {
    this.#renderer = new WebGLRenderer({ canvas, antialias: true });
    this.#renderer.shadowMap.enabled = true;
    this.#renderer.shadowMap.type = PCFShadowMap;
    const look: Colours = colours();
    this.#scene.background = new Color(look.ground);
    this.dancers = motion.dancers.map((view) => new Dancer(view));
    this.#bodies = this.dancers.map((dancer) => new Body(dancer, look));
    this.#man = this.#bodies.find((body) => body.dancer.role === 'man');
    this.#lady = this.#bodies.find((body) => body.dancer.role === 'lady');
    this.#hall = floor(motion, look, room(motion, this.dancers));
    this.#shadows = this.dancers.map(() => contactShadow());
    this.#marks = new Marks(this.dancers, onsetsOf(motion), motion.from, motion.end, look);
    this.#prints = prints(this.#landings(motion), look, this.#hall);
    this.#scene.add(this.#hall, ...this.#bodies.map((body) => body.group), ...this.#shadows, this.#marks.group);
    this.#scene.add(new HemisphereLight(0xffffff, new Color(look.board), 1.35), new AmbientLight(0xffffff, 0.35));
    this.#sun = new DirectionalLight(0xfff4e2, 1.7);
    this.#sun.castShadow = true;
    this.#sun.shadow.mapSize.set(1024, 1024);
    this.#sun.shadow.camera.left = this.#sun.shadow.camera.bottom = -2.4;
    this.#sun.shadow.camera.right = this.#sun.shadow.camera.top = 2.4;
    this.#sun.shadow.radius = 3;
    this.#scene.add(this.#sun, this.#sun.target);
    this.#controls = new OrbitControls(this.#camera, canvas);
    this.#controls.enableDamping = false;
    this.#controls.maxPolarAngle = Math.PI * 0.495;
    this.#controls.minDistance = 0.8;
    this.#controls.maxDistance = 40;
  }

  /** Where every foot is as its row begins. */
  #landings(motion: Schemas['MotionView']) {
    return motion.rows.flatMap((row) => {
      const dancer = this.dancers.find((one) => one.role === row.role);
      if (!dancer) return [];
      dancer.pose(row.onset + 0.02);
      const { x, y, direction } = row.cells.foot?.startsWith('L') ? dancer.left : dancer.right;
      return [{ role: row.role, onset: row.onset, x, y, direction }];
    });
  }

  look(view: View) {
    this.#view = view;
    this.#fresh = true;
    this.#marks.seenThrough(view === 'above');
  }

  /** Whether lines, arcs and the centre of a circle are drawn. */
  set lines(shown: boolean) {
    this.#marks.group.visible = shown;
  }

  /** Turns the eye about what it looks at, by so many steps to the right and up. */
  turn(right: number, up: number) {
    scratch.subVectors(this.#camera.position, this.#controls.target);
    orbit.setFromVector3(scratch);
    orbit.theta += right * STEP;
    orbit.phi = Math.max(0.02, Math.min(this.#controls.maxPolarAngle, orbit.phi - up * STEP));
    this.#camera.position.copy(this.#controls.target).add(scratch.setFromSpherical(orbit));
  }

  /** Brings the eye nearer, or farther away, by a factor. */
  nearer(factor: number) {
    scratch.subVectors(this.#camera.position, this.#controls.target).multiplyScalar(factor);
    const far = scratch.length();
    if (far > this.#controls.minDistance && far < this.#controls.maxDistance) {
      this.#camera.position.copy(this.#controls.target).add(scratch);
    }
  }

  /** Shows one dancer alone: the other is faded, or left out. */
  alone(role: RoleName | null, opacity: number) {
    for (const body of this.#bodies) body.fade(role === null || body.dancer.role === role ? 1 : opacity);
    this.#marks.alone(role);
    this.#shadows.forEach((shadow, i) => {
      shadow.visible = role === null || this.dancers[i]?.role === role || opacity > 0.3;
    });
  }

  resize(width: number, height: number) {
    this.#renderer.setPixelRatio(Math.min(devicePixelRatio, 2));
    this.#renderer.setSize(width, height, false);
    this.#camera.aspect = width / Math.max(1, height);
    this.#camera.updateProjectionMatrix();
    this.#fresh = true;
  }

  /** Takes the pose of a beat, without drawing it. */
  pose(beat: number) {
    const { dancers } = this;
    for (let i = 0; i < dancers.length; i++) dancers[i]?.pose(beat);
    const man = this.#man;
    const lady = this.#lady;
    man?.arms.reach(beat, lady?.dancer, lady?.arms);
    lady?.arms.reach(beat, man?.dancer, man?.arms);
    for (let i = 0; i < dancers.length; i++) {
      this.#bodies[i]?.move();
      const { hips } = dancers[i] as Dancer;
      this.#shadows[i]?.position.set(hips.x, 0.003, hips.y);
    }
    this.#marks.move(beat);
    for (let i = 0; i < this.#prints.length; i++) {
      const print = this.#prints[i] as Print;
      const age = beat - print.onset;
      print.mesh.visible = age >= 0 && age < PRINTS_STAY;
    }
    this.#middle.set(0, 0, 0);
    for (let i = 0; i < dancers.length; i++) {
      const { hips } = dancers[i] as Dancer;
      this.#middle.add(scratch.set(hips.x, 0, hips.y));
    }
    this.#middle.multiplyScalar(1 / Math.max(1, dancers.length));
  }

  /** Everything of a frame but the drawing of it. */
  prepare(beat: number) {
    this.pose(beat);
    this.#place();
    this.#sun.position.set(this.#middle.x - 1.6, 5, this.#middle.z + 2.4);
    this.#sun.target.position.copy(this.#middle);
    this.#controls.update();
  }

  /** Draws what has been prepared. */
  draw() {
    this.#renderer.render(this.#scene, this.#camera);
  }

  /** The camera goes along with the couple, or stands anew where another view is chosen. */
  #place() {
    const facing = (this.#view === 'man' ? this.#man : this.#view === 'lady' ? this.#lady : undefined)?.dancer.facing;
    if (this.#fresh) {
      this.#heading = facing ?? this.dancers[0]?.facing ?? 0;
      this.#stand();
      this.#fresh = false;
    } else if (this.follow) {
      scratch.subVectors(this.#middle, this.#before);
      this.#camera.position.add(scratch);
      this.#controls.target.add(scratch);
      if (facing !== undefined) this.#swing(facing);
    }
    this.#before.copy(this.#middle);
  }

  /** Behind somebody who turns the camera follows softly. */
  #swing(facing: number) {
    const turn = (facing - this.#heading) * 0.04;
    this.#heading += turn;
    scratch.subVectors(this.#camera.position, this.#controls.target);
    const { x, z } = scratch;
    scratch.x = x * Math.cos(turn) - z * Math.sin(turn);
    scratch.z = x * Math.sin(turn) + z * Math.cos(turn);
    this.#camera.position.addVectors(this.#controls.target, scratch);
  }

  #stand() {
    const at = this.#middle;
    const narrow = this.#camera.aspect < 1 ? 1.35 : 1;
    const far = 4.5 * narrow;
    const behind = (heading: number, sign: number) =>
      this.#from(at.x + sign * far * Math.cos(heading), 1.7, at.z + sign * far * Math.sin(heading), 0.9);
    switch (this.#view) {
      case 'above':
        this.#from(at.x, 5.4 * narrow, at.z + 0.01, 0);
        break;
      case 'front':
        // A little from the side, so that the one in front does not hide the other.
        behind((this.dancers[0]?.facing ?? 0) + ASIDE, 1);
        break;
      case 'man':
      case 'lady':
        behind(this.#heading, -1);
        break;
      case 'line':
        this.#from(at.x - far, 1.8, at.z, 0.9);
        break;
      case 'feet':
        this.#from(at.x, 0.85, at.z + 2.6 * narrow, 0.22);
        break;
      default:
        this.#from(at.x, 1.8, at.z + far, 0.9);
    }
  }

  #from(x: number, y: number, z: number, high: number) {
    this.#camera.position.set(x, y, z);
    this.#controls.target.set(this.#middle.x, high, this.#middle.z);
  }

  dispose() {
    this.#controls.dispose();
    dispose(this.#hall);
    dispose(this.#marks.group);
    for (const body of this.#bodies) dispose(body.group);
    this.#renderer.dispose();
    // A browser keeps only a few contexts, and gives them back late.
    this.#renderer.forceContextLoss();
  }
}

/** Used again and again, so that drawing a frame makes nothing new. */
const scratch = new Vector3();
const orbit = new Spherical();
