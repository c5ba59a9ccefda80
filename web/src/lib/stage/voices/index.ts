import type { Voice } from '../sound';
import high from './high.ogg?inline';
import low from './low.ogg?inline';
import type { VoiceName } from './names';
import words from './words.json';

const FILES: Record<VoiceName, string> = { low, high };

/** A voice ready to be played; it ships with the page. */
export async function voice(name: VoiceName, context: BaseAudioContext): Promise<Voice> {
  const bytes = Uint8Array.from(atob(FILES[name].split(',')[1] ?? ''), (letter) => letter.charCodeAt(0));
  return {
    buffer: await context.decodeAudioData(bytes.buffer),
    words: words[name] as Record<string, readonly number[]>
  };
}
