import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';

function sources(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return sources(path);
    return /\.(ts|svelte)$/.test(name) && !/\.test\.ts$|schema\.d\.ts$/.test(name) ? [path] : [];
  });
}

const files = sources('src').map((path) => ({ path, text: readFileSync(path, 'utf8') }));

describe('the front end', () => {
  it('holds no technique: it names no direction, no rule and no amount, and compares no short form', () => {
    const technique =
      /\b(DW|DCA|DWA|LOD)\b|['"`](facing|backing|pointing|closed|promenade|HT|TH)['"`]|\b[a-z]+\.(matches|relative|feet|declared)-/;
    for (const { path, text } of files) {
      const lines = text.split('\n').filter((line) => technique.test(line));
      expect(lines, path).toEqual([]);
    }
  });

  it('works out no technique: no amount of turn, no beat, no foot, no dance, no part and no room on a floor', () => {
    const WORKED_OUT = {
      'an amount of turn': /(?<![\w/-])[1357]\/(8|16)\b|% 16\b|\bEIGHTHS?\b/,
      'a beat of the bar': /\bbeat [1-4]\b|startBeats?\W+(===|includes)/,
      'a foot': /[!=]== ?['"][LR]['"]/,
      'a dance by name': /['"`](waltz|tango|foxtrot|quickstep|viennese-waltz|cha-cha|rumba|samba|jive|paso-doble)['"`]/,
      'the ends of a part': /\.split\(['"]-['"]\)/,
      'the room on a floor': /floor\.(length|width) ?- ?\d/
    };
    // Placeholders show what could be typed; soles are drawn mirrored; a row begun while the server is away needs a foot;
    // the page has to begin with some dance; and a form shows the two ends of a part in two boxes.
    const MAY = /placeholder=/;
    const ALONE = {
      'a foot': ['geometry.ts', 'chart-rows.ts'],
      'a dance by name': ['settings.svelte.ts'],
      'the ends of a part': ['piece-fields.ts']
    } as Record<string, string[]>;
    for (const { path, text } of files) {
      for (const [what, pattern] of Object.entries(WORKED_OUT)) {
        if (ALONE[what]?.some((name) => path.endsWith(name))) continue;
        const lines = text.split('\n').filter((line) => pattern.test(line) && !MAY.test(line));
        expect(lines, `${what} in ${path}`).toEqual([]);
      }
    }
  });

  it('reaches the server only through the generated client', () => {
    for (const { path, text } of files) {
      if (path.endsWith(join('api', 'client.ts'))) continue;
      expect(/\bfetch\(|XMLHttpRequest|https?:\/\//.test(text.replaceAll('http://www.w3.org', '')), path).toBe(false);
    }
  });

  it('imports Bits UI only in its wrappers', () => {
    for (const { path, text } of files) {
      if (text.includes("from 'bits-ui'")) expect(path).toContain(join('lib', 'ui'));
    }
  });
});
