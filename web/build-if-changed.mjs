// Builds the front end only when something it is made from has changed since the last build.
import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const inputs = [
  'src',
  'static',
  'tools/print-fonts.mjs',
  'openapi.json',
  'package.json',
  'package-lock.json',
  'card.html',
  'vite.config.ts',
  'vite.card.config.ts',
  'svelte.config.js',
  'tsconfig.json'
];

function files(path) {
  if (!existsSync(path)) return [];
  if (!statSync(path).isDirectory()) return [path];
  return readdirSync(path)
    .sort()
    .flatMap((name) => files(join(path, name)));
}

function hashOf(paths) {
  const hash = createHash('sha256');
  for (const file of paths.flatMap(files)) {
    if (file.endsWith('schema.d.ts') || file.startsWith(join('static', 'fonts'))) continue;
    hash.update(file).update(readFileSync(file));
  }
  return hash.digest('hex');
}

const run = (...words) => execFileSync('npm', words, { stdio: 'inherit' });
const lock = hashOf(['package-lock.json']);
const all = hashOf(inputs);
const [builtLock, built] = existsSync('.build-hash') ? readFileSync('.build-hash', 'utf8').split('\n') : [];

if (builtLock !== lock || !existsSync('node_modules')) run('ci', '--no-audit', '--no-fund', '--loglevel=error');
if (built !== all || !existsSync('build/index.html')) {
  run('run', 'build', '--silent');
  writeFileSync('.build-hash', `${lock}\n${all}\n`);
} else {
  console.log('The front end is unchanged since its last build.');
}
