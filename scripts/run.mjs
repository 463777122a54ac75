// What `npm start`, `npm run demo`, `npm test`, `npm run bench` (and its parts) and `npm run screenshots` do, on a
// fresh clone too.
// Node.js built-ins only: nothing is installed yet when this begins.
import { spawn } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { build } from './build.mjs';
import { chromium, install } from './install.mjs';
import { bin, fail, node, say } from './process.mjs';
import { serve, serveDemo } from './serve.mjs';
import { test } from './test.mjs';

const [command, ...rest] = process.argv.slice(2);

/** Installed and built: what every command needs first. */
async function prepare() {
  const { unpacked, compiled } = install();
  await unpacked;
  build();
  await compiled;
}

async function start() {
  await prepare();
  say(`Unhurried Keeper is at ${await serve(rest)}`);
}

async function demo() {
  await prepare();
  say(`The demo book of Unhurried Keeper is at ${await serveDemo(rest)}`);
}

/**
 * For working on the application: the demo book on a server that starts again when the compiler has written something,
 * and the web application from its sources, reloaded as they change (`npm run dev`).
 */
async function dev() {
  await prepare();
  await serveDemo(rest, true);
  const beside = [
    [[bin('typescript', 'bin/tsc'), '-b', '--watch', '--preserveWatchOutput', 'tsconfig.build.json'], '.'],
    [[join('..', bin('vite', 'bin/vite.js'))], 'web'],
  ].map(([args, cwd]) => spawn(process.execPath, args, { stdio: 'inherit', cwd }));
  process.on('exit', () => beside.forEach((child) => child.kill()));
}

async function bench() {
  chromium();
  await prepare();
  process.exit(node([join('bench', 'dist', 'main.js'), ...rest]).status ?? 1);
}

/** One part of the bench. */
function benchOf(part) {
  return async () => {
    if (part === 'screen' || part === 'book' || part === 'taps' || part === 'offline' || part === 'import') chromium();
    await prepare();
    process.exit(node([join('bench', 'dist', 'main.js'), part, ...rest]).status ?? 1);
  };
}

const BENCHES = [
  'weigh',
  'slips',
  'findings',
  'growth',
  'length',
  'pictures',
  'finder',
  'ingest',
  'screen',
  'flank',
  'known',
  'append',
  'book',
  'bundle',
  'start',
  'taps',
  'layout',
  'meeting',
  'offline',
  'import',
  'backup',
];

/** Teaches anew from painted pictures; what was learned takes its place in `core/recognition/learned/learned.bin`. */
async function taught(lessons, args) {
  const { status, stdout } = node([join('painter', 'dist', lessons), ...args], {
    stdio: ['ignore', 'pipe', 'inherit'],
    maxBuffer: 1e8,
  });
  if (status !== 0) fail('It could not be taught; its reason stands above.');
  const { mergeWeights } = await import('../core/dist/recognition/learned/weightsFile.js');
  const file = join('core', 'recognition', 'learned', 'learned.bin');
  writeFileSync(file, mergeWeights(readFileSync(file), stdout));
}

/** The finder of fish: a quarter of an hour of painting, and as much again of learning. */
async function trainFinder() {
  await prepare();
  await taught('teachFinder.js', rest);
}

/** How the frame of a flank settles, one build after the other: about ten minutes each. */
async function trainFrame() {
  await prepare();
  for (const species of rest.length > 0 ? rest : ['carp', 'pike', 'barbel', 'wels'])
    await taught('teachFrame.js', [species]);
}

async function screenshots() {
  chromium();
  await prepare();
  process.exit(
    node([join('..', bin('@playwright/test', 'cli.js')), 'test', '--config', 'screenshots.config.ts'], { cwd: 'e2e' })
      .status ?? 1,
  );
}

/**
 * Faults that befall the server and its book (`npm run chaos -- --seed 1 --count 1000`), then the whole of the test of
 * lost signals, killed servers and reloaded pages in a browser; `npm test` runs a part of both.
 */
async function chaos() {
  chromium();
  await prepare();
  const faults = node([join('stress', 'dist', 'faultsRun.js'), ...rest]);
  if (faults.status !== 0) process.exit(faults.status ?? 1);
  process.exit(
    node([join('..', bin('@playwright/test', 'cli.js')), 'test', 'chaos.e2e.ts', '--project', 'desk'], {
      cwd: 'e2e',
      env: { ...process.env, KEEPER_CHAOS: 'full' },
    }).status ?? 1,
  );
}

/** Drawn requests against a server of their own: `npm run fuzz -- --seed 1 --count 100000`. */
async function fuzz() {
  await prepare();
  process.exit(node([join('stress', 'dist', 'fuzzRun.js'), ...rest]).status ?? 1);
}

/** The whole book in one file: `npm run backup -- FILE --data FOLDER`. */
async function backup() {
  await prepare();
  process.exit(node([join('server', 'dist', 'backupCommand.js'), 'backup', ...rest]).status ?? 1);
}

/** A book brought back from it into an empty folder: `npm run restore -- FILE --data FOLDER`. */
async function restore() {
  await prepare();
  process.exit(node([join('server', 'dist', 'backupCommand.js'), 'restore', ...rest]).status ?? 1);
}

/** A full check of a book: `npm run verify -- --data FOLDER`; or of a backup: `npm run verify -- FILE`. */
async function verify() {
  await prepare();
  process.exit(node([join('server', 'dist', 'verifyBook.js'), ...rest]).status ?? 1);
}

/** Sets a new passphrase, also where the old one is forgotten: `npm run passphrase -- --data FOLDER`. */
async function passphrase() {
  await prepare();
  process.exit(node([join('server', 'dist', 'passphraseCommand.js'), ...rest]).status ?? 1);
}

const commands = {
  ...{ start, demo, dev, test, bench, chaos, fuzz, backup, restore, verify, passphrase, screenshots },
  ...Object.fromEntries(BENCHES.map((part) => [`bench:${part}`, benchOf(part)])),
  'train:finder': trainFinder,
  'train:frame': trainFrame,
};
const [major, minor] = process.versions.node.split('.').map(Number);
if (major < 20 || (major === 20 && minor < 19)) fail(`Node.js 20.19 or later is needed; this is ${process.version}.`);
if (!(command in commands)) fail(`Known: ${Object.keys(commands).join(', ')}`);
await commands[command]();
