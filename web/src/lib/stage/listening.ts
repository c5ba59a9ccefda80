/** Seconds of one reading, and from one to the next. */
const WINDOW = 0.005;
const HOP = 0.001;
/** Share of the rise at which something is heard to begin, as in the making of the voices. */
const ATTACK = 0.35;
/** A rise below this, against what sounded before, is nobody's attack. */
const RISE = 2;

/** Where an attack is looked for, and in what. */
export interface Ear {
  /** Seconds before and after the moment. */
  before: number;
  after: number;
  /** Hear only what changes quickly, so that a deep tone that goes on hides nothing. */
  sharp: boolean;
}

/** A word swells, and is loudest late; a beat of a band has others before and after it. */
export const EARS = {
  click: { before: 0.06, after: 0.05, sharp: false },
  voice: { before: 0.12, after: 0.2, sharp: false },
  band: { before: 0.05, after: 0.03, sharp: true }
} satisfies Record<string, Ear>;

/** What was found in a sound. */
export interface Heard {
  /** Of the moments asked for, at how many an attack was found. */
  found: number;
  asked: number;
  /** The farthest of those found from its moment, in milliseconds. */
  worst: number;
}

/** Looks for an attack at each moment, by how the loudness rises there, and knows nothing of what was played. */
export function listen(samples: Float32Array, rate: number, moments: readonly number[], ear: Ear): Heard {
  const heard = ear.sharp ? edges(samples) : samples;
  let found = 0;
  let worst = 0;
  for (const moment of moments) {
    const off = attack(heard, rate, moment, ear);
    if (off === null) continue;
    found++;
    worst = Math.max(worst, Math.abs(off));
  }
  return { found, asked: moments.length, worst: Math.round(worst * 10_000) / 10 };
}

/** Only what changes quickly. */
function edges(samples: Float32Array): Float32Array {
  const out = new Float32Array(samples.length);
  for (let i = 2; i < samples.length; i++) {
    out[i] = (samples[i] ?? 0) - 2 * (samples[i - 1] ?? 0) + (samples[i - 2] ?? 0);
  }
  return out;
}

/** Seconds from a moment to the attack nearest to it; nothing where nothing rises. */
function attack(samples: Float32Array, rate: number, moment: number, { before, after }: Ear): number | null {
  const readings = Array.from({ length: Math.round((before + after) / HOP) }, (_, i) => {
    const at = moment - before + i * HOP;
    return loudness(samples, rate, at, at + WINDOW);
  });
  const most = Math.max(...readings);
  const loudest = readings.indexOf(most);
  // It begins after the softest moment before it is loudest, whatever still sounded earlier.
  const least = Math.min(...readings.slice(0, loudest + 1));
  if (most < 1e-4 || most < least * RISE) return null;
  const softest = readings.lastIndexOf(least, loudest);
  const threshold = least + ATTACK * (most - least);
  const begins = readings.findIndex((one, i) => i >= softest && one >= threshold);
  // A reading tells of all of its window, and rises as what begins comes into the end of it.
  return begins * HOP - before + WINDOW / 2;
}

/** The root of the mean square between two moments in seconds. */
export function loudness(samples: Float32Array, rate: number, from: number, to: number): number {
  const first = Math.max(0, Math.round(from * rate));
  const last = Math.min(samples.length, Math.round(to * rate));
  let sum = 0;
  for (let i = first; i < last; i++) sum += (samples[i] ?? 0) ** 2;
  return Math.sqrt(sum / Math.max(1, last - first));
}

/** The farthest from silence. */
export function peak(samples: Float32Array): number {
  let most = 0;
  for (const one of samples) most = Math.max(most, Math.abs(one));
  return most;
}

export const decibels = (share: number) => 20 * Math.log10(Math.max(1e-9, share));
