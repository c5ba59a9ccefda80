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
}

/** How near two numbers may stand in metres before they are written as one. */
const NEAR = 0.1;

/** The step numbers beside the feet; where a dancer comes back to the same place the numbers stand together. */
export function footLabels(feet: Laid[]): Label[] {
  const labels: Label[] = [];
  for (const foot of feet) {
    const place = away(foot.x, foot.y, 0.145, foot.direction + 4.6 * side(foot.foot));
    const there = labels.find((l) => l.role === foot.role && Math.hypot(l.x - place.x, l.y - place.y) < NEAR);
    if (there) there.numbers.push(foot.number);
    else labels.push({ role: foot.role, ...place, text: '', numbers: [foot.number] });
  }
  return labels.map((label) => ({ ...label, text: label.numbers.join(' ') }));
}
