import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';
import { report } from './figures.js';

interface Chunk {
  readonly file: string;
  readonly isEntry?: boolean;
  readonly imports?: readonly string[];
}

const dist = fileURLToPath(new URL('../../web/dist/', import.meta.url));

/** What the browser must load before the run screen works: the entry and all that it imports outright, gzipped. */
export function bundleBench(): void {
  const manifest = JSON.parse(readFileSync(`${dist}.vite/manifest.json`, 'utf8')) as Record<string, Chunk>;
  const needed = new Set<string>();
  const take = (name: string) => {
    const chunk = manifest[name];
    if (!chunk || needed.has(chunk.file)) return;
    needed.add(chunk.file);
    chunk.imports?.forEach(take);
  };
  Object.entries(manifest)
    .filter(([, chunk]) => chunk.isEntry)
    .forEach(([name]) => take(name));
  const bytes = [...needed].map((file) => gzipSync(readFileSync(`${dist}${file}`)).length);
  report('run screen: initial JavaScript, gzipped', bytes.reduce((sum, size) => sum + size, 0) / 1000, 'kB', 130);
}
