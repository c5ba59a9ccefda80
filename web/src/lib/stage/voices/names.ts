/** The voices that count, lower first. */
export const VOICE_NAMES = ['low', 'high'] as const;
export type VoiceName = (typeof VOICE_NAMES)[number];

export const isVoice = (name: unknown): name is VoiceName => VOICE_NAMES.includes(name as VoiceName);
