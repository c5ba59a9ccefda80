import { away, side } from './geometry';

interface Laid {
  role: string;
  number: number;
  foot: string;
  x: number;
  y: number;
  direction: number;
}

export interface Label {
  role: string;
  x: number;
  y: number;
  text: string;
  numbers: number[];
  /** Where its foot is, for a line to it where it has to stand off. */
  foot: { x: number; y: number };
  far: boolean;
}

/** How near two feet of a dancer may stand in metres for their numbers to be written as one. */
const NEAR = 0.1;

/** More numbers on one spot are written as the first and the last. */
const MOST_NUMBERS = 4;

/** How far from its foot a number may stand, in metres; beyond `CLOSE` a line leads to it. */
const RADII = [0.15, 0.19, 0.24, 0.3, 0.38];
const CLOSE = 0.2;

/** What a sole covers across and along, in metres from its middle. */
const SOLE = 0.1;

/**
 * The step numbers beside the feet: where a dancer comes back to the same place the numbers stand together, and none stands on
 * another number or, as far as there is room, on a foot.
 *
 * @param size height of a number in metres
 */
export function footLabels(feet: Laid[], size = 0.1): Label[] {
  const groups: { role: string; at: Laid; numbers: number[] }[] = [];
  for (const foot of feet) {
    const there = groups.find((g) => g.role === foot.role && Math.hypot(g.at.x - foot.x, g.at.y - foot.y) < NEAR);
    if (there) there.numbers.push(foot.number);
    else groups.push({ role: foot.role, at: foot, numbers: [foot.number] });
  }
  const labels: Label[] = [];
  for (const { role, at, numbers } of groups) {
    const text = numbers.length > MOST_NUMBERS ? `${numbers[0]} … ${numbers.at(-1)}` : numbers.join(' ');
    const { place, radius } = best(at, text, size, labels, feet);
    labels.push({ role, ...place, text, numbers, foot: { x: at.x, y: at.y }, far: radius > CLOSE });
  }
  return labels;
}

/** The place with the least under it, the outer side of the foot and the nearest first. */
function best(at: Laid, text: string, size: number, labels: Label[], feet: Laid[]) {
  let found = { place: { x: at.x, y: at.y }, radius: 0, cost: Infinity };
  for (const radius of RADII) {
    for (const turn of [0, 1.5, -1.5, 3, -3, 5, -5, 8]) {
      const place = away(at.x, at.y, radius, at.direction + (4.6 + turn) * side(at.foot));
      const hidden = labels.filter((label) => overlap(label, label.text, place, text, size)).length;
      const onFeet = feet.filter((foot) => onSole(foot, place, text, size)).length;
      const cost = hidden * 100 + onFeet * 6 + radius * 10 + Math.abs(turn) * 0.1;
      if (cost < found.cost) found = { place, radius, cost };
    }
    if (found.cost < 3) break;
  }
  return found;
}

const width = (text: string, size: number) => text.length * size * 0.6;

function overlap(
  a: { x: number; y: number },
  aText: string,
  b: { x: number; y: number },
  bText: string,
  size: number
): boolean {
  return (
    Math.abs(a.x - b.x) < (width(aText, size) + width(bText, size)) / 2 + size * 0.25 && Math.abs(a.y - b.y) < size
  );
}

function onSole(foot: Laid, place: { x: number; y: number }, text: string, size: number): boolean {
  return (
    Math.abs(foot.x - place.x) < width(text, size) / 2 + SOLE * 0.7 &&
    Math.abs(foot.y - place.y) < size / 2 + SOLE * 0.7 &&
    Math.hypot(foot.x - place.x, foot.y - place.y) < SOLE + width(text, size) / 2
  );
}
