import { existsSync } from 'node:fs';
import { dirname, join, sep } from 'node:path';
import { fileURLToPath } from 'node:url';

/**
 * The built file of this package that a thread or process of its own is started from. Run from its source, as the unit
 * tests are, a module finds what stands beside it in `dist/`. Example: `builtFile(import.meta.url,
 * 'descriptorWorker.js')`.
 */
export function builtFile(from: string, name: string): string {
  const beside = join(dirname(fileURLToPath(from)), name);
  if (existsSync(beside)) return beside;
  const root = dirname(fileURLToPath(import.meta.url));
  return join(root, 'dist', dirname(fileURLToPath(from)).slice(root.length + sep.length), name);
}
