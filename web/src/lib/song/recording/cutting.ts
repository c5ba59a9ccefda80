/** Seconds in which what comes before a join goes over into what comes after it. */
const OVER = 0.03;
/** Seconds before and after a join that are heard to try it. */
const BEFORE = 3;

/**
 * One channel of a sound with a stretch left out: what ends before it goes over into what follows it.
 *
 * @param begins first second left out
 * @param ends first second that follows
 */
export function cutOut(sound: Float32Array, rate: number, begins: number, ends: number): Float32Array<ArrayBuffer> {
  const first = Math.round(begins * rate);
  const after = Math.min(sound.length, Math.round(ends * rate));
  const out = new Float32Array(first + sound.length - after);
  out.set(sound.subarray(0, first));
  out.set(sound.subarray(after), first);
  const over = Math.min(Math.round(OVER * rate), first, after);
  for (let i = 0; i < over; i++) {
    const share = (i + 1) / (over + 1);
    out[first - over + i] = (sound[first - over + i] ?? 0) * (1 - share) + (sound[after - over + i] ?? 0) * share;
  }
  return out;
}

/** Plays some seconds around a join; gives back what ends it. */
export function hearJoin(sound: Float32Array, rate: number, begins: number, ends: number): () => void {
  const context = new AudioContext();
  const whole = cutOut(sound, rate, begins, ends);
  const from = Math.max(0, Math.round((begins - BEFORE) * rate));
  const around = whole.slice(from, Math.min(whole.length, from + Math.round(2 * BEFORE * rate)));
  const buffer = context.createBuffer(1, Math.max(1, around.length), rate);
  buffer.copyToChannel(around, 0);
  const source = context.createBufferSource();
  source.buffer = buffer;
  source.connect(context.destination);
  source.onended = () => void context.close();
  source.start();
  return () => source.stop();
}
