/** How an instrument sounds, as numbers: gains are shares, times seconds, frequencies hertz. */
export interface Pitched {
  wave: OscillatorType;
  /** How far a second oscillator is out of tune, in hundredths of a half tone; 0 for none. */
  beside: number;
  /** Above which frequency it is dulled. */
  dull: number;
  attack: number;
  /** To about a third, while it is held. */
  decay: number;
  /** After it is let go. */
  release: number;
  gain: number;
  /** How loud the hammer or finger is heard that begins the note; 0 for none. */
  strike: number;
}

/** The noise of a hammer or a finger: what it passes through, and how soon it is over. */
export const STRIKE = { frequency: 3800, narrow: 0.7, decay: 0.018 };

/** Something struck: a tone that falls from one pitch to another, a noise through a filter, or both. */
export interface Struck {
  tone?: readonly [from: number, to: number];
  wave?: OscillatorType;
  noise?: readonly [filter: BiquadFilterType, frequency: number, narrow: number];
  decay: number;
  gain: number;
}

export const PITCHED: Record<string, Pitched> = {
  bass: { wave: 'triangle', beside: 0, dull: 900, attack: 0.004, decay: 0.7, release: 0.06, gain: 0.42, strike: 0.12 },
  tuba: { wave: 'sawtooth', beside: 0, dull: 420, attack: 0.01, decay: 0.9, release: 0.07, gain: 0.42, strike: 0 },
  keys: { wave: 'triangle', beside: 4, dull: 3600, attack: 0.003, decay: 0.45, release: 0.09, gain: 0.1, strike: 0.22 },
  strings: {
    wave: 'sawtooth',
    beside: 9,
    dull: 1900,
    attack: 0.018,
    decay: 2.4,
    release: 0.12,
    gain: 0.055,
    strike: 0
  },
  reed: { wave: 'square', beside: 6, dull: 1700, attack: 0.01, decay: 1.8, release: 0.06, gain: 0.06, strike: 0 },
  guitar: {
    wave: 'sawtooth',
    beside: 0,
    dull: 2400,
    attack: 0.003,
    decay: 0.28,
    release: 0.12,
    gain: 0.085,
    strike: 0.2
  },
  brass: { wave: 'sawtooth', beside: 5, dull: 2600, attack: 0.009, decay: 0.9, release: 0.06, gain: 0.065, strike: 0 }
};

export const STRUCK: Record<string, Struck> = {
  kick: { tone: [130, 48], decay: 0.16, gain: 0.5 },
  snare: { tone: [210, 170], noise: ['bandpass', 2200, 0.6], decay: 0.13, gain: 0.3 },
  brush: { noise: ['highpass', 2800, 0.5], decay: 0.13, gain: 0.13 },
  hat: { noise: ['highpass', 7600, 0.7], decay: 0.05, gain: 0.16 },
  ride: { noise: ['highpass', 6200, 1.2], decay: 0.2, gain: 0.1 },
  cymbal: { noise: ['highpass', 4600, 0.5], decay: 1.1, gain: 0.16 },
  shaker: { noise: ['bandpass', 6400, 1.1], decay: 0.05, gain: 0.2 },
  scraper: { noise: ['bandpass', 3600, 2.5], decay: 0.12, gain: 0.28 },
  claves: { tone: [2450, 2450], decay: 0.06, gain: 0.2 },
  bell: { tone: [590, 585], wave: 'square', decay: 0.16, gain: 0.085 },
  'conga low': { tone: [205, 178], decay: 0.22, gain: 0.34 },
  'conga high': { tone: [345, 310], noise: ['bandpass', 1900, 1], decay: 0.1, gain: 0.26 },
  surdo: { tone: [92, 68], decay: 0.34, gain: 0.6 },
  tambourine: { noise: ['highpass', 8200, 1.5], decay: 0.09, gain: 0.17 },
  castanets: { noise: ['bandpass', 2700, 4], decay: 0.035, gain: 0.42 },
  block: { tone: [940, 900], decay: 0.06, gain: 0.2 }
};
