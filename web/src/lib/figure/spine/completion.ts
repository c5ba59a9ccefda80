import type { Word } from '$lib/api/client';

/** The entries that fit what has been typed: the exact code first, then codes, then texts that contain it. */
export function completions(words: readonly Word[], typed: string, most = 8): Word[] {
  const text = typed.trim().toLowerCase();
  if (text === '') return words.slice(0, most);
  const rank = (word: Word) => {
    const code = word.code.toLowerCase();
    const full = word.text.toLowerCase();
    if (code === text || full === text) return 0;
    if (code.startsWith(text)) return 1;
    if (full.startsWith(text)) return 2;
    return full.includes(text) ? 3 : 4;
  };
  return words
    .map((word, index) => ({ word, index, rank: rank(word) }))
    .filter((entry) => entry.rank < 4)
    .sort((a, b) => a.rank - b.rank || a.index - b.index)
    .slice(0, most)
    .map((entry) => entry.word);
}

/** What a typed code stands for, or the text itself if it is no code. */
export function expanded(words: readonly Word[], typed: string): string {
  const text = typed.trim();
  const code = words.find((word) => word.code.toLowerCase() === text.toLowerCase());
  return code ? code.text : text;
}
