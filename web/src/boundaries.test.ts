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

  it('reaches the server only through the generated client', () => {
    for (const { path, text } of files) {
      if (path.endsWith(join('api', 'client.ts'))) continue;
      expect(/\bfetch\(|XMLHttpRequest|https?:\/\//.test(text.replaceAll('http://www.w3.org', '')), path).toBe(false);
    }
  });

  it('imports Bits UI only in its wrappers', () => {
    for (const { path, text } of files) {
      if (text.includes("from 'bits-ui'")) expect(path).toContain(join('components', 'ui'));
    }
  });
});
