// The server as few files: read from a slow disc, a thousand modules take longer than the work they do.
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'esbuild';
import { root } from './process.mjs';

const folder = join(root, 'server', 'dist', 'bundled');

/** What is started by itself: the server, and the threads and processes that it starts. */
const STARTED = [
  'main.js',
  'flanks/descriptorWorker.js',
  'pictures/pictureProcess.js',
  'registers/registerWorker.js',
  'storage/integrityWorker.js',
];

rmSync(folder, { recursive: true, force: true });
const { metafile } = await build({
  absWorkingDir: join(root, 'server', 'dist'),
  entryPoints: STARTED,
  entryNames: '[name]',
  outdir: folder,
  bundle: true,
  splitting: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  keepNames: true,
  metafile: true,
  // Compiled for this machine, or asked for only where it is installed.
  external: ['better-sqlite3', 'sharp', '@nestjs/microservices', '@nestjs/websockets', 'class-transformer/storage'],
  // Packages in the older module format ask for Node's own modules by `require`.
  banner: {
    js: "import { createRequire as requireFrom } from 'node:module'; const require = requireFrom(import.meta.url);",
  },
  logLevel: 'warning',
});
if (process.argv.includes('--sizes'))
  for (const [file, { inputs, bytes }] of Object.entries(metafile.outputs)) {
    console.log(`${file} ${bytes}`);
    const largest = Object.entries(inputs).sort((a, b) => b[1].bytesInOutput - a[1].bytesInOutput);
    for (const [input, { bytesInOutput }] of largest.slice(0, 12)) console.log(`  ${input} ${bytesInOutput}`);
  }
