// How the scripts speak, fail and start others. Node.js built-ins only: nothing is installed yet when this begins.
import { spawnSync } from 'node:child_process';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = join(dirname(fileURLToPath(import.meta.url)), '..');
process.chdir(root);

export function fail(message) {
  process.stderr.write(`${message}\n`);
  process.exit(1);
}

export function say(message) {
  process.stdout.write(`${message}\n`);
}

export function node(args, options = {}) {
  return spawnSync(process.execPath, args, { stdio: 'inherit', ...options });
}

/** A tool as it lies in `node_modules`. */
export const bin = (name, file) => join('node_modules', name, file);
