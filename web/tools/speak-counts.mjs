// Makes the spoken counts that ship with the application: src/lib/stage/voices/{low,high}.ogg and words.json.
// Needs espeak-ng and ffmpeg: node tools/speak-counts.mjs
// Every word is trimmed, made equally loud and put into one file a voice; the manifest says where each begins, how long it
// is, and how long after its beginning it is heard to fall (its attack), so that the attack can be laid on the beat.
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const INTO = 'src/lib/stage/voices';
const RATE = 24000;
const GAP = 0.06;
const FRAME = RATE / 200;
/** Samples from one reading of the loudness to the next while the attack is looked for. */
const HOP = RATE / 1000;
/** Share of the loudest five milliseconds at which a word is heard to begin, and at which it is cut. */
const ATTACK = 0.35;
const SILENT = 0.02;
const LOUD = 0.14;
const MOST = 0.95;

const NUMBERS = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];
/** What is said for a word; most say themselves. */
const SAID = { and: 'and', a: 'uh', slow: 'slow', quick: 'quick', cha: 'chah' };
const WORDS = [...NUMBERS, ...Object.keys(SAID)];
const VOICES = { low: ['-v', 'en-gb', '-p', '38', '-s', '215'], high: ['-v', 'en-us+f3', '-p', '58', '-s', '215'] };

const folder = mkdtempSync(join(tmpdir(), 'counts-'));

function spoken(word, voice) {
  const wave = join(folder, 'word.wav');
  const raw = join(folder, 'word.raw');
  execFileSync('espeak-ng', [...voice, '-w', wave, SAID[word] ?? word]);
  return decoded(wave, raw);
}

function decoded(file, raw) {
  execFileSync('ffmpeg', ['-y', '-loglevel', 'error', '-i', file, '-f', 's16le', '-ac', '1', '-ar', String(RATE), raw]);
  const bytes = readFileSync(raw);
  return Float32Array.from({ length: bytes.length / 2 }, (_, i) => bytes.readInt16LE(2 * i) / 32768);
}

/** Loudness of five milliseconds after five milliseconds, or oftener. */
function envelope(samples, hop = FRAME) {
  return Array.from({ length: Math.ceil(samples.length / hop) }, (_, i) => {
    const part = samples.subarray(i * hop, i * hop + FRAME);
    return Math.sqrt(part.reduce((sum, one) => sum + one * one, 0) / Math.max(1, part.length));
  });
}

function trimmed(samples) {
  const loud = envelope(samples);
  const most = Math.max(...loud);
  const first = loud.findIndex((one) => one > SILENT * most);
  const last = loud.findLastIndex((one) => one > SILENT * most);
  const cut = samples.slice(first * FRAME, (last + 1) * FRAME);
  const heard = loud.filter((one) => one > 0.1 * most);
  const level = Math.sqrt(heard.reduce((sum, one) => sum + one * one, 0) / heard.length);
  const peak = cut.reduce((top, one) => Math.max(top, Math.abs(one)), 0);
  const gain = Math.min(LOUD / level, MOST / peak);
  return cut.map((one) => one * gain);
}

/** Seconds after which a word is heard to fall: in what will be played, since packing it moves the softest beginnings. */
function attack(samples) {
  const loud = envelope(samples, HOP);
  const begins = loud.findIndex((one) => one > ATTACK * Math.max(...loud));
  // A reading tells of all of its five milliseconds.
  return (begins * HOP + FRAME / 2) / RATE;
}

const thousandths = (seconds) => Math.round(seconds * 1000) / 1000;

const manifest = {};
for (const [name, voice] of Object.entries(VOICES)) {
  const parts = [];
  let at = GAP;
  const words = {};
  parts.push(new Float32Array(GAP * RATE));
  for (const word of WORDS) {
    const samples = trimmed(spoken(word, voice));
    const length = samples.length / RATE;
    words[word] = [at, length];
    parts.push(samples, new Float32Array(GAP * RATE));
    at += length + GAP;
  }
  const all = Buffer.concat(
    parts.map((part) => {
      const bytes = Buffer.alloc(part.length * 2);
      part.forEach((one, i) => bytes.writeInt16LE(Math.round(Math.max(-1, Math.min(1, one)) * 32767), 2 * i));
      return bytes;
    })
  );
  const raw = join(folder, 'all.raw');
  writeFileSync(raw, all);
  const input = ['-f', 's16le', '-ar', String(RATE), '-ac', '1', '-i', raw];
  const output = ['-c:a', 'libopus', '-b:a', '28k', '-map_metadata', '-1', '-fflags', '+bitexact'];
  execFileSync('ffmpeg', ['-y', '-loglevel', 'error', ...input, ...output, `${INTO}/${name}.ogg`]);
  const played = decoded(`${INTO}/${name}.ogg`, raw);
  manifest[name] = Object.fromEntries(
    Object.entries(words).map(([word, [from, length]]) => {
      const part = played.slice(Math.round(from * RATE), Math.round((from + length) * RATE));
      return [word, [from, length, attack(part)].map(thousandths)];
    })
  );
}
writeFileSync(`${INTO}/words.json`, `${JSON.stringify(manifest, null, 2)}\n`);
rmSync(folder, { recursive: true });
