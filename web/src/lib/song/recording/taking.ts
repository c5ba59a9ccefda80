import { api, need, Refusal, type Schemas } from '$lib/api/client';
import { follow } from '$lib/routine/compose/job';

export type Heard = Schemas['HearingView'];

/** Samples a second that are listened to: enough for every beat. */
export const RATE = 22_050;
export const MOST_SECONDS = 12 * 60;
export const MOST_BYTES = 60 * 1024 * 1024;

/** In the name of a song. */
const MOST_LETTERS = 120;

export const ACCEPTED = '.wav,.mp3,.ogg,.opus,.m4a,.flac,audio/*';

/** Whether a file is meant as a recording, by its name. */
export const isRecording = (name: string) => /\.(wav|mp3|ogg|opus|m4a|flac|aac|wma|aiff?)$/i.test(name);

/** What a file is called without its ending. */
export const titleOf = (name: string) =>
  name
    .replace(/\.[^.]*$/, '')
    .replace(/[_\s]+/g, ' ')
    .trim()
    .slice(0, MOST_LETTERS) || 'Unnamed';

/**
 * Decodes a sound as far as this browser can.
 *
 * @throws Refusal in a sentence if it cannot, or the sound is too long
 */
export async function decode(name: string, bytes: ArrayBuffer): Promise<AudioBuffer> {
  const context = new OfflineAudioContext(1, 1, 44_100);
  const buffer = await context.decodeAudioData(bytes).catch(() => {
    throw new Refusal(
      0,
      `“${name}” cannot be decoded by this browser: the file is broken, or of a kind it does not know. Nothing was kept; try it as WAV or MP3.`
    );
  });
  if (buffer.duration > MOST_SECONDS) {
    throw new Refusal(
      0,
      `“${name}” lasts ${Math.round(buffer.duration / 60)} minutes, and at most ${MOST_SECONDS / 60} are taken. Nothing was kept: cut out what is danced.`
    );
  }
  return buffer;
}

/** One channel at {@link RATE}, 16 bits each. */
export async function samples(buffer: AudioBuffer): Promise<Int16Array<ArrayBuffer>> {
  const context = new OfflineAudioContext(1, Math.max(1, Math.floor(buffer.duration * RATE)), RATE);
  const source = context.createBufferSource();
  source.buffer = buffer;
  source.connect(context.destination);
  source.start();
  const mixed = (await context.startRendering()).getChannelData(0);
  const sixteen = new Int16Array(mixed.length);
  for (let i = 0; i < mixed.length; i++) sixteen[i] = Math.round(Math.max(-1, Math.min(1, mixed[i] ?? 0)) * 32_767);
  return sixteen;
}

const OCTETS = { 'Content-Type': 'application/octet-stream' };
// The body is the bytes themselves, which the described type calls a string.
const raw = (body: Blob | BufferSource) => ({
  body: body as unknown as string,
  bodySerializer: (sent: unknown) => sent as BodyInit,
  headers: OCTETS
});

/** Refuses a file that is too large before anything of it is read. */
function refuseLarge(file: File) {
  if (file.size > MOST_BYTES) {
    throw new Refusal(
      0,
      `“${file.name}” has ${Math.ceil(file.size / 1024 / 1024)} MB, and at most ${MOST_BYTES / 1024 / 1024} are taken. Nothing was kept: save it as MP3 or Opus.`
    );
  }
}

/** Keeps a sound in the studio; by what it is found again. */
export async function keep(file: File): Promise<string> {
  refuseLarge(file);
  const kept = await need(api.POST('/api/recordings', { params: { query: { name: file.name } }, ...raw(file) }));
  return kept.file;
}

async function hash(file: File): Promise<string> {
  const bytes = new Uint8Array(await crypto.subtle.digest('SHA-256', await file.arrayBuffer()));
  return Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('');
}

/**
 * Keeps a sound that is missing, told by what is in it, whatever its file is called.
 *
 * @param missing by which sounds are found
 * @returns which of them it is; nothing, and nothing kept, where it is none
 */
export async function bringBack(file: File, missing: readonly string[]): Promise<string | undefined> {
  if (file.size > MOST_BYTES) return undefined;
  const contents = await hash(file);
  const wanted = missing.find((sound) => sound.startsWith(contents));
  if (wanted) await keep(new File([file], wanted));
  return wanted;
}

export interface Listening {
  /** By which the sound is kept. */
  file: string;
  /** What the song is called. */
  name: string;
  /** As which dance it is heard; blank for the likeliest. */
  dance: string;
  /** Told how much is done, 0 to 1. */
  onshare: (share: number) => void;
}

/**
 * Has a sound listened to.
 *
 * @throws Refusal if nothing can be heard in it
 */
export async function listen(buffer: AudioBuffer, { file, name, dance, onshare }: Listening): Promise<Heard> {
  const begun = await need(
    api.POST('/api/recordings/{file}/hearings', {
      params: { path: { file }, query: { name, dance, rate: RATE } },
      ...raw(await samples(buffer))
    })
  );
  await follow(begun.id, (job) => onshare(job.share));
  const heard = await need(api.GET('/api/recordings/hearings/{id}', { params: { path: { id: begun.id } } }));
  if (!heard.document) throw new Refusal(0, heard.message || 'The listening was given up; nothing was made of it.');
  return heard;
}

/** What was heard when songs were made in this window, by their ids, for the desk that opens next. */
export const heardLately: Record<string, Heard | undefined> = {};

/** Takes a file in: decoded here, kept and heard by the server, made into a song; its id. */
export async function take(file: File, dance: string, onshare: (share: number) => void): Promise<string> {
  refuseLarge(file);
  const buffer = await decode(file.name, await file.arrayBuffer());
  const kept = await keep(file);
  const heard = await listen(buffer, { file: kept, name: titleOf(file.name), dance, onshare });
  if (!heard.document) throw new Refusal(0, heard.message);
  const song = await need(api.POST('/api/songs', { body: heard.document }));
  heardLately[song.id] = heard;
  return song.id;
}

/** The sound of a song, decoded; asked for once. */
export async function soundOf(file: string): Promise<AudioBuffer> {
  const bytes = await need(api.GET('/api/recordings/{file}', { params: { path: { file } }, parseAs: 'arrayBuffer' }));
  return decode('The recording', bytes);
}
