const HEADER = 44;

/** A sound of one channel as a WAV file of 16 bits. */
export function wave(samples: Float32Array, rate: number): Blob {
  const view = new DataView(new ArrayBuffer(HEADER + samples.length * 2));
  const text = (at: number, letters: string) =>
    [...letters].forEach((letter, i) => view.setUint8(at + i, letter.charCodeAt(0)));
  text(0, 'RIFF');
  view.setUint32(4, HEADER - 8 + samples.length * 2, true);
  text(8, 'WAVEfmt ');
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, rate, true);
  view.setUint32(28, rate * 2, true);
  view.setUint16(32, 2, true);
  view.setUint16(34, 16, true);
  text(36, 'data');
  view.setUint32(40, samples.length * 2, true);
  samples.forEach((one, i) => view.setInt16(HEADER + i * 2, Math.round(Math.max(-1, Math.min(1, one)) * 32767), true));
  return new Blob([view], { type: 'audio/wav' });
}
