/** Degrees on the screen for sixteenths of a turn clockwise from the line of dance, which runs to the right. */
export function degrees(sixteenths: number): number {
  return sixteenths * 22.5;
}

export interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** The smallest box around the points with {@code margin} metres to spare, at least {@code least} metres each way. */
export function around(points: { x: number; y: number }[], margin: number, least: number): Box {
  if (points.length === 0) return { x: -least / 2, y: -least / 2, width: least, height: least };
  const xs = points.map((p) => p.x);
  const ys = points.map((p) => p.y);
  const width = Math.max(Math.max(...xs) - Math.min(...xs) + 2 * margin, least);
  const height = Math.max(Math.max(...ys) - Math.min(...ys) + 2 * margin, least);
  const middleX = (Math.max(...xs) + Math.min(...xs)) / 2;
  const middleY = (Math.max(...ys) + Math.min(...ys)) / 2;
  return { x: middleX - width / 2, y: middleY - height / 2, width, height };
}

/** Grows a box to the shape of the place it is drawn in, so that the floor fills it. */
export function shaped(box: Box, ratio: number): Box {
  const wide = Math.max(box.width, box.height * ratio);
  const high = wide / ratio;
  return { x: box.x - (wide - box.width) / 2, y: box.y - (high - box.height) / 2, width: wide, height: high };
}

/** A point so many metres from another in a direction of sixteenths. */
export function away(x: number, y: number, metres: number, sixteenths: number) {
  const angle = (sixteenths * Math.PI) / 8;
  return { x: x + metres * Math.cos(angle), y: y + metres * Math.sin(angle) };
}

/** On which side of the body a foot is, seen along its direction: -1 to the left, 1 to the right. */
export const side = (foot: string) => (foot === 'L' ? -1 : 1);

/** The outline of a sole in metres, toes to the right; the left foot is the right one mirrored. */
export function sole(role: 'man' | 'lady', foot: string): string {
  const s = side(foot);
  return role === 'man'
    ? `M.15 ${-0.01 * s}C.15 ${0.035 * s} .09 ${0.058 * s} .04 ${0.05 * s}C0 ${0.042 * s} -.02 ${0.034 * s} -.06 ${0.038 * s}C-.11 ${0.043 * s} -.14 ${0.03 * s} -.14 0C-.14 ${-0.03 * s} -.11 ${-0.04 * s} -.06 ${-0.034 * s}C-.01 ${-0.028 * s} .02 ${-0.05 * s} .08 ${-0.05 * s}C.13 ${-0.05 * s} .15 ${-0.03 * s} .15 ${-0.01 * s}Z`
    : `M.14 ${-0.012 * s}C.12 ${0.03 * s} .08 ${0.044 * s} .04 ${0.036 * s}C.01 ${0.03 * s} -.01 ${0.014 * s} -.035 ${0.01 * s}C-.04 0 -.04 ${-0.008 * s} -.03 ${-0.014 * s}C0 ${-0.022 * s} .03 ${-0.042 * s} .07 ${-0.042 * s}C.11 ${-0.042 * s} .13 ${-0.026 * s} .14 ${-0.012 * s}ZM-.075 -.019A.019 .019 0 1 0 -.075 .019A.019 .019 0 1 0 -.075 -.019Z`;
}

/** A place turned about the origin by so many degrees clockwise on the screen. */
export function turned(point: { x: number; y: number }, angle: number) {
  const radians = (angle * Math.PI) / 180;
  return {
    x: point.x * Math.cos(radians) - point.y * Math.sin(radians),
    y: point.x * Math.sin(radians) + point.y * Math.cos(radians)
  };
}

/** An arc about a place from one direction to another, the way it was turned; empty where nothing was. */
export function arc(x: number, y: number, radius: number, to: number, turn: number): string {
  if (turn === 0) return '';
  const whole = Math.max(-15.5, Math.min(15.5, turn));
  const start = away(x, y, radius, to - whole);
  const end = away(x, y, radius, to);
  const large = Math.abs(whole) > 8 ? 1 : 0;
  return `M${start.x} ${start.y}A${radius} ${radius} 0 ${large} ${whole > 0 ? 1 : 0} ${end.x} ${end.y}`;
}

/** A box made smaller about its middle, for looking closer. */
export function zoomed(box: Box, factor: number): Box {
  const width = box.width / factor;
  const height = box.height / factor;
  return { x: box.x + (box.width - width) / 2, y: box.y + (box.height - height) / 2, width, height };
}
