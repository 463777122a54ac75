// What `npm start`, `npm run demo`, `npm test`, `npm run bench` (and its parts) and `npm run screenshots` do, on a
// fresh clone too.
// Node.js built-ins only: nothing is installed yet when this begins.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
process.chdir(root);
const [command, ...rest] = process.argv.slice(2);
const STAMP = join('node_modules', '.install-stamp');
const BUILD_STAMP = join('node_modules', '.build-stamp');
const DEMO_FOLDER = '.demo';

function fail(message) {
  process.stderr.write(`${message}\n`);
  process.exit(1);
}

function say(message) {
  process.stdout.write(`${message}\n`);
}

function npm(args, options = {}) {
  return spawnSync(process.execPath, [process.env.npm_execpath ?? findNpm(), ...args], {
    stdio: 'inherit',
    ...options,
  });
}

function findNpm() {
  const beside = join(dirname(process.execPath), '..', 'lib', 'node_modules', 'npm', 'bin', 'npm-cli.js');
  if (!existsSync(beside)) fail('Start this through npm, for example: npm run demo');
  return beside;
}

function node(args, options = {}) {
  return spawnSync(process.execPath, args, { stdio: 'inherit', ...options });
}

const bin = (name, file) => join('node_modules', name, file);

function install() {
  const wanted = createHash('sha256').update(readFileSync('package-lock.json')).update(process.version).digest('hex');
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === wanted) return;
  say('Installing what the keeper needs. The first time this takes a few minutes.');
  // Where Node.js brings its own headers, the database driver is compiled against them and nothing is fetched.
  const prefix = join(dirname(process.execPath), '..');
  const headers = existsSync(join(prefix, 'include', 'node', 'node.h'));
  const env = { ...process.env, ...(headers && { npm_package_config_node_gyp_nodedir: prefix }) };
  if (npm(['ci', '--no-audit', '--no-fund'], { env }).status !== 0)
    fail('The installation failed; its reason stands above.');
  writeFileSync(STAMP, wanted);
}

const BUILT_FROM = ['core', 'contract', 'painter', 'standins', 'demo', 'server', 'web', 'stress', 'bench'];
const BUILDS = /\.(ts|tsx|json|css|html|js|svg|sql|bin)$/;

/** A fingerprint of all sources by name, size and time: the build is skipped when nothing has changed. */
function fingerprint() {
  const hash = createHash('sha256').update(readFileSync(STAMP));
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

function build() {
  const now = fingerprint();
  const built = existsSync(join('server', 'dist', 'main.js')) && existsSync(join('web', 'dist', 'index.html'));
  if (built && existsSync(BUILD_STAMP) && readFileSync(BUILD_STAMP, 'utf8') === now) return;
  say('Building.');
  if (node([bin('typescript', 'bin/tsc'), '-b', 'tsconfig.build.json']).status !== 0) fail('The build failed.');
  if (node([join('scripts', 'answers.mjs')]).status !== 0) fail('The answers of the API could not be described.');
  const vite = node([join('..', bin('vite', 'bin/vite.js')), 'build', '--logLevel', 'warn'], { cwd: 'web' });
  if (vite.status !== 0) fail('The build of the web application failed.');
  writeFileSync(BUILD_STAMP, now);
}

/** Starts the server, watched by Node.js or not, and hands its signals on; resolves with its address. */
function serve(args, watched = false) {
  const server = spawn(
    process.execPath,
    [...(watched ? ['--watch'] : []), join('server', 'dist', 'main.js'), ...args],
    {
      stdio: ['ignore', 'pipe', 'inherit'],
    },
  );
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => server.kill(signal));
  server.on('exit', (code, signal) => process.exit(signal ? 0 : (code ?? 1)));
  return new Promise((resolve) => {
    server.stdout.on('data', (text) => resolve(/http\S+/.exec(String(text))?.[0]));
  });
}

async function start() {
  install();
  build();
  say(`Unhurried Keeper is at ${await serve(rest)}`);
}

async function demo() {
  install();
  build();
  say(`The demo book of Unhurried Keeper is at ${await serveDemo()}`);
}

/**
 * For working on the application: the demo book on a server that starts again when the compiler has written something,
 * and the web application from its sources, reloaded as they change (`npm run dev`).
 */
async function dev() {
  install();
  build();
  await serveDemo(true);
  const beside = [
    [[bin('typescript', 'bin/tsc'), '-b', '--watch', '--preserveWatchOutput', 'tsconfig.build.json'], '.'],
    [[join('..', bin('vite', 'bin/vite.js'))], 'web'],
  ].map(([args, cwd]) => spawn(process.execPath, args, { stdio: 'inherit', cwd }));
  process.on('exit', () => beside.forEach((child) => child.kill()));
}

/** The demo book on a server, filled the first time. */
async function serveDemo(watched = false) {
  const fresh = rest.includes('--fresh');
  if (fresh) rmSync(DEMO_FOLDER, { recursive: true, force: true });
  mkdirSync(DEMO_FOLDER, { recursive: true });
  const filled = join(DEMO_FOLDER, 'filled');
  const url = await serve(['--data', DEMO_FOLDER, ...rest.filter((word) => word !== '--fresh')], watched);
  if (!existsSync(filled)) {
    const fill = [join('demo', 'dist', 'fill.js'), '--url', url, '--card', join(DEMO_FOLDER, 'card')];
    const filling = spawn(process.execPath, fill, { stdio: 'inherit' });
    const code = await new Promise((resolve) => filling.on('exit', resolve));
    if (code !== 0) fail('The demo book could not be filled; its reason stands above.');
    writeFileSync(filled, new Date().toISOString());
  }
  return url;
}

const CHROMIUM = '/usr/bin/chromium';
/** Writes the pictures that the reading of EXIF is checked with. */
const EXIFTOOL = '/usr/bin/exiftool';

/** What the tests need of Debian, and is not there yet. */
function debian(tools) {
  const wanted = tools.filter(({ at }) => !existsSync(at)).map(({ name }) => name);
  if (wanted.length === 0) return;
  const manual = `The tests need of Debian: ${wanted.join(', ')}. As root: apt-get install ${wanted.join(' ')}`;
  if (process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) fail(manual);
  say(`Installing what the tests need of Debian: ${wanted.join(', ')}.`);
  const options = { stdio: 'inherit', env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } };
  spawnSync('apt-get', ['update', '-q'], options);
  spawnSync('apt-get', ['install', '-y', '-q', '--no-install-recommends', ...wanted], options);
  if (tools.some(({ at }) => !existsSync(at))) fail(manual);
}

const chromium = () => debian([{ name: 'chromium', at: CHROMIUM }]);

const RESULTS = '.results';

/** Runs a check and keeps what it prints, so that two at a time do not talk at once. */
function quietly(args) {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, args, { stdio: ['ignore', 'pipe', 'pipe'] });
    let printed = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (text) => (printed += text));
    child.on('close', (status) => resolve({ good: status === 0, printed }));
  });
}

const ROOMS = ['core', 'contract', 'painter', 'standins', 'demo', 'server', 'web', 'e2e', 'stress', 'bench'];

/** Two rows of checks, each about as long: they run side by side. */
const CHECKS = [
  [
    ['types', [join('scripts', 'types.mjs')]],
    ['words', [join('scripts', 'words.mjs')]],
    ['format', [bin('prettier', 'bin/prettier.cjs'), '--check', '--log-level', 'warn', '.']],
    ['unused code', [bin('knip', 'bin/knip.js')]],
  ],
  [
    ['lint', [bin('eslint', 'bin/eslint.js'), '.', '--max-warnings', '0']],
    [
      'boundaries',
      [bin('dependency-cruiser', 'bin/dependency-cruise.mjs'), '--config', '.dependency-cruiser.cjs', ...ROOMS],
    ],
  ],
];

/** Each check counts as one test of its own; unit and browser tests are counted by their runners. */
async function test() {
  install();
  debian([
    { name: 'chromium', at: CHROMIUM },
    { name: 'libimage-exiftool-perl', at: EXIFTOOL },
  ]);
  build();
  rmSync(RESULTS, { recursive: true, force: true });
  mkdirSync(RESULTS, { recursive: true });
  const total = { passed: 0, failed: 0 };
  const inTurn = async (row) => {
    for (const [name, args] of row) {
      const { good, printed } = await quietly(args);
      say(`\n== ${name}: ${good ? 'good' : 'not good'}\n${printed}`);
      total[good ? 'passed' : 'failed'] += 1;
    }
  };
  await Promise.all(CHECKS.map(inTurn));

  say('\n== unit tests');
  const unitFile = join(RESULTS, 'unit.json');
  node([
    bin('jest', 'bin/jest.js'),
    '--ci',
    '--maxWorkers=2',
    '--testTimeout=30000',
    '--json',
    `--outputFile=${unitFile}`,
  ]);
  const unit = readResult(unitFile);
  total.passed += unit?.numPassedTests ?? 0;
  total.failed += unit ? unit.numFailedTests + unit.numRuntimeErrorTestSuites : 1;

  say('\n== browser tests');
  const e2eFile = join(root, RESULTS, 'e2e.json');
  node([join('..', bin('@playwright/test', 'cli.js')), 'test'], {
    cwd: 'e2e',
    env: { ...process.env, PLAYWRIGHT_JSON_OUTPUT_FILE: e2eFile },
  });
  const e2e = readResult(e2eFile)?.stats;
  total.passed += e2e ? e2e.expected + e2e.flaky : 0;
  total.failed += e2e ? e2e.unexpected : 1;

  say(`\n${total.passed} passed, ${total.failed} failed`);
  process.exit(total.failed === 0 ? 0 : 1);
}

function readResult(file) {
  return existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : undefined;
}

function bench() {
  install();
  chromium();
  build();
  process.exit(node([join('bench', 'dist', 'main.js'), ...rest]).status ?? 1);
}

/** One part of the bench. */
function benchOf(part) {
  return () => {
    install();
    if (part === 'screen' || part === 'book') chromium();
    build();
    process.exit(node([join('bench', 'dist', 'main.js'), part, ...rest]).status ?? 1);
  };
}

const BENCHES = [
  'weigh',
  'slips',
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
];

/** Teaches anew from painted pictures; what was learned is written into `core/recognition/learned/learned.bin`. */
function taught(lessons, args) {
  if (node([join('painter', 'dist', lessons), ...args]).status !== 0)
    fail('It could not be taught; its reason stands above.');
}

/** The finder of fish: a quarter of an hour of painting, and as much again of learning. */
function trainFinder() {
  install();
  build();
  taught('teachFinder.js', rest);
}

/** How the frame of a flank settles, one build after the other: about ten minutes each. */
function trainFrame() {
  install();
  build();
  for (const species of rest.length > 0 ? rest : ['carp', 'pike', 'barbel', 'wels']) taught('teachFrame.js', [species]);
}

function screenshots() {
  install();
  chromium();
  build();
  process.exit(
    node([join('..', bin('@playwright/test', 'cli.js')), 'test', '--config', 'screenshots.config.ts'], { cwd: 'e2e' })
      .status ?? 1,
  );
}

/**
 * Faults that befall the server and its book (`npm run chaos -- --seed 1 --count 1000`), then the whole of the test of
 * lost signals, killed servers and reloaded pages in a browser; `npm test` runs a part of both.
 */
function chaos() {
  install();
  chromium();
  build();
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
function fuzz() {
  install();
  build();
  process.exit(node([join('stress', 'dist', 'fuzzRun.js'), ...rest]).status ?? 1);
}

/** A full check of a book: `npm run verify -- --data FOLDER`. */
function verify() {
  install();
  build();
  process.exit(node([join('server', 'dist', 'verifyBook.js'), ...rest]).status ?? 1);
}

const commands = {
  ...{ start, demo, dev, test, bench, chaos, fuzz, verify, screenshots },
  ...Object.fromEntries(BENCHES.map((part) => [`bench:${part}`, benchOf(part)])),
  'train:finder': trainFinder,
  'train:frame': trainFrame,
};
const [major, minor] = process.versions.node.split('.').map(Number);
if (major < 20 || (major === 20 && minor < 19)) fail(`Node.js 20.19 or later is needed; this is ${process.version}.`);
if (!(command in commands)) fail(`Known: ${Object.keys(commands).join(', ')}`);
await commands[command]();
