import {
  CanvasTexture,
  Color,
  DoubleSide,
  Group,
  Mesh,
  MeshBasicMaterial,
  MeshStandardMaterial,
  PlaneGeometry,
  RepeatWrapping,
  ShapeGeometry,
  Shape,
  SRGBColorSpace,
  type Material
} from 'three';
import type { Schemas } from '$lib/api/client';
import type { Box } from '$lib/floor/geometry';
import type { Colours } from './colours';

/** Metres of floor in one repetition of the boards. */
const TILE = 2.4;

function boards(colours: Colours, width: number, height: number) {
  const canvas = document.createElement('canvas');
  canvas.width = 512;
  canvas.height = 512;
  const pen = canvas.getContext('2d');
  if (pen) {
    pen.fillStyle = colours.board;
    pen.fillRect(0, 0, 512, 512);
    const rows = 12;
    const high = 512 / rows;
    for (let row = 0; row < rows; row++) {
      pen.fillStyle = row % 3 === 0 ? `${colours.seam}2e` : row % 3 === 1 ? `${colours.seam}12` : `${colours.seam}00`;
      pen.fillRect(0, row * high, 512, high);
      pen.fillStyle = colours.seam;
      pen.fillRect(0, row * high, 512, 1.4);
      pen.fillRect(((row * 197) % 512) + 20, row * high, 1.4, high);
    }
  }
  const texture = new CanvasTexture(canvas);
  texture.colorSpace = SRGBColorSpace;
  texture.wrapS = texture.wrapT = RepeatWrapping;
  texture.repeat.set(width / TILE, height / TILE);
  texture.anisotropy = 4;
  return texture;
}

/** Words lying on the floor, readable by somebody who looks along it. */
function words(text: string, colour: string, high: number) {
  const canvas = document.createElement('canvas');
  canvas.width = 1024;
  canvas.height = 128;
  const pen = canvas.getContext('2d');
  if (pen) {
    pen.font = "600 84px 'Commissioner Variable', sans-serif";
    pen.fillStyle = colour;
    pen.textAlign = 'center';
    pen.textBaseline = 'middle';
    pen.fillText(text, 512, 66);
  }
  const texture = new CanvasTexture(canvas);
  texture.colorSpace = SRGBColorSpace;
  const mesh = new Mesh(
    new PlaneGeometry(high * 8, high),
    new MeshBasicMaterial({ map: texture, transparent: true, depthWrite: false })
  );
  mesh.rotation.x = -Math.PI / 2;
  return mesh;
}

/** The floor with its boards and what tells directions on it. */
export function floor(motion: Schemas['MotionView'], colours: Colours, box: Box): Group {
  const group = new Group();
  const plane = new Mesh(
    new PlaneGeometry(box.width, box.height),
    new MeshStandardMaterial({ map: boards(colours, box.width, box.height), roughness: 0.62 })
  );
  plane.rotation.x = -Math.PI / 2;
  plane.position.set(box.x + box.width / 2, 0, box.y + box.height / 2);
  plane.receiveShadow = true;
  group.add(plane);
  const size = Math.max(0.16, Math.min(0.4, box.width / 26));
  const middle = box.x + box.width / 2;
  const wall = words('wall', colours.wall, size);
  wall.position.set(middle, 0.004, box.y + box.height - size * 0.8);
  const centre = words(motion.hall.width > 0 ? 'far side' : 'centre', colours.wall, size);
  centre.position.set(middle, 0.004, box.y + size * 0.8);
  group.add(wall, centre);
  if (motion.moving) {
    const line = words('line of dance  →', colours.wall, size);
    line.position.set(box.x + size * 4.6, 0.004, box.y + box.height - size * 0.8);
    group.add(line);
  }
  return group;
}

/** The outline of a sole, toes along x. */
function sole(man: boolean) {
  const shape = new Shape();
  const wide = man ? 0.046 : 0.038;
  const long = man ? 0.14 : 0.12;
  shape.moveTo(-long, 0);
  shape.bezierCurveTo(-long, wide, -long * 0.3, wide * 0.6, 0, wide * 0.75);
  shape.bezierCurveTo(long * 0.5, wide * 1.35, long, wide * 0.9, long, 0);
  shape.bezierCurveTo(long, -wide * 0.9, long * 0.5, -wide * 1.35, 0, -wide * 0.75);
  shape.bezierCurveTo(-long * 0.3, -wide * 0.6, -long, -wide, -long, 0);
  return new ShapeGeometry(shape, 10);
}

/** A print that a foot has left, and from which beat on. */
export interface Print {
  onset: number;
  mesh: Mesh;
}

/** All prints of a motion, hidden until they are danced. */
export function prints(
  rows: readonly { role: string; onset: number; x: number; y: number; direction: number }[],
  colours: Colours,
  into: Group
): Print[] {
  const shapes = { man: sole(true), lady: sole(false) };
  return rows.map((row, nth) => {
    const man = row.role === 'man';
    const mesh = new Mesh(
      man ? shapes.man : shapes.lady,
      new MeshBasicMaterial({
        color: new Color(man ? colours.man : colours.lady),
        transparent: true,
        opacity: 0.4,
        depthWrite: false,
        side: DoubleSide
      })
    );
    mesh.rotation.set(Math.PI / 2, 0, row.direction);
    mesh.position.set(row.x, 0.006 + (nth % 8) * 0.0002, row.y);
    mesh.visible = false;
    into.add(mesh);
    return { onset: row.onset, mesh };
  });
}

/** A soft dark spot under a body, where the light does not come. */
export function contactShadow(): Mesh {
  const canvas = document.createElement('canvas');
  canvas.width = canvas.height = 128;
  const pen = canvas.getContext('2d');
  if (pen) {
    const soft = pen.createRadialGradient(64, 64, 4, 64, 64, 62);
    soft.addColorStop(0, 'rgba(20,14,8,.55)');
    soft.addColorStop(0.5, 'rgba(20,14,8,.2)');
    soft.addColorStop(1, 'rgba(20,14,8,0)');
    pen.fillStyle = soft;
    pen.fillRect(0, 0, 128, 128);
  }
  const mesh = new Mesh(
    new PlaneGeometry(1, 1),
    new MeshBasicMaterial({ map: new CanvasTexture(canvas), transparent: true, depthWrite: false })
  );
  mesh.rotation.x = -Math.PI / 2;
  mesh.position.y = 0.003;
  return mesh;
}

/** Gives back what a scene's things hold. */
export function dispose(group: Group) {
  group.traverse((thing) => {
    if (!(thing instanceof Mesh)) return;
    (thing.geometry as { dispose(): void }).dispose();
    for (const material of [thing.material].flat() as Material[]) {
      (material as MeshBasicMaterial).map?.dispose();
      material.dispose();
    }
  });
}
