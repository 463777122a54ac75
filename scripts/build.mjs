// The build, skipped when nothing has changed.
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { installedFor } from './install.mjs';
import { bin, fail, node, say } from './process.mjs';

/** What is started: `npm start`, the browser tests and the benches all start this file. */
export const SERVER = join('server', 'dist', 'bundled', 'main.js');

const BUILD_STAMP = join('node_modules', '.build-stamp');

const BUILT_FROM = ['core', 'contract', 'painter', 'standins', 'demo', 'server', 'web', 'stress', 'bench'];
const BUILDS = /\.(ts|tsx|json|css|html|js|svg|sql|bin)$/;

/** A fingerprint of all sources by name, size and time: the build is skipped when nothing has changed. */
function fingerprint() {
  const hash = createHash('sha256').update(installedFor());
  const walk = (folder) => {
    for (const entry of readdirSync(folder, { withFileTypes: true }).sort((a, b) => (a.name < b.name ? -1 : 1))) {
      const path = join(folder, entry.name);
      if (entry.isDirectory()) {
        if (entry.name !== 'node_modules' && entry.name !== 'dist') walk(path);
      } else if (BUILDS.test(entry.name)) {
        const { size, mtimeMs } = statSync(path);
        hash.update(`${path} ${size} ${mtimeMs}\n`);
      }
    }
  };
  BUILT_FROM.forEach(walk);
  return hash.digest('hex');
}

export function build() {
  const now = fingerprint();
  const built = existsSync(SERVER) && existsSync(join('web', 'dist', 'index.html'));
  if (built && existsSync(BUILD_STAMP) && readFileSync(BUILD_STAMP, 'utf8') === now) return;
  say('Building.');
  if (node([bin('typescript', 'bin/tsc'), '-b', 'tsconfig.build.json']).status !== 0) fail('The build failed.');
  if (node([join('scripts', 'answers.mjs')]).status !== 0) fail('The answers of the API could not be described.');
  if (node([join('scripts', 'bundle.mjs')]).status !== 0) fail('The server could not be bundled.');
  const vite = node([join('..', bin('vite', 'bin/vite.js')), 'build', '--logLevel', 'error'], { cwd: 'web' });
  if (vite.status !== 0) fail('The build of the web application failed.');
  writeFileSync(BUILD_STAMP, now);
}
