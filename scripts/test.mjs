// What `npm test` does: every check, the unit tests and the browser tests, counted together.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build } from './build.mjs';
import { CERTUTIL, CHROMIUM, debian, EXIFTOOL, OPENSSL, UNZIP, XMLLINT, AGE, PDFTOTEXT, install } from './install.mjs';
import { bin, node, root, say } from './process.mjs';

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
export async function test() {
  const { unpacked, compiled } = install();
  debian([
    { name: 'chromium-headless-shell', at: CHROMIUM },
    { name: 'libimage-exiftool-perl', at: EXIFTOOL },
    { name: 'unzip', at: UNZIP },
    { name: 'libxml2-utils', at: XMLLINT },
    { name: 'age', at: AGE },
    { name: 'poppler-utils', at: PDFTOTEXT },
    { name: 'openssl', at: OPENSSL },
    { name: 'libnss3-tools', at: CERTUTIL },
  ]);
  await unpacked;
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
  await compiled;

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
