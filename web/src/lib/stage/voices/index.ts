import high from './high.ogg?inline';
import low from './low.ogg?inline';
import words from './words.json';

/** The voices that count, lower first. */
export type VoiceName = keyof typeof words;

const FILES: Record<VoiceName, string> = { low, high };

/** A voice ready to be played; it ships with the page. */
export async function voice(name: VoiceName, context: BaseAudioContext) {
  const bytes = Uint8Array.from(atob(FILES[name].split(',')[1] ?? ''), (letter) => letter.charCodeAt(0));
  return {
    buffer: await context.decodeAudioData(bytes.buffer),
    words: words[name] as Record<string, readonly number[]>
  };
}
