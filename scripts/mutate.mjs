#!/usr/bin/env node
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import { isInSample } from './sampleOfFaults.mjs';

/**
 * How much of a room its own tests hold: faults are made in it one at a time (StrykerJS), and those that no test notices
 * are counted.
 *
 *   npm run mutate -- core/care            one folder, beside its baseline
 *   npm run mutate -- core/care --keep     and writes the score down as the new baseline
 *   npm run mutate -- core/care --share 10 a tenth of its faults, fairly chosen: a score with a margin, ten times sooner
 *
 * The score is the share of faults noticed, of those that any test runs over or should. Exits 1 where it fell below the
 * baseline (with a share, by more than its margin: twice the standard error of a share, sqrt(p q / n)).
 */
const root = fileURLToPath(new URL('..', import.meta.url));
process.chdir(root);
const BASELINE = join('scripts', 'mutation-baseline.json');
const args = process.argv.slice(2);
const keep = args.includes('--keep');
const [room, ofHundred = '100'] = args.filter((word) => !word.startsWith('--'));
const share = Number(ofHundred) / 100;
if (!room || !existsSync(room)) {
  process.stderr.write('Name a folder of the project: npm run mutate -- core/care\n');
  process.exit(1);
}
if (!(share > 0 && share <= 1)) {
  process.stderr.write('The share is of a hundred: npm run mutate -- core/care --share 10\n');
  process.exit(1);
}
const report = join('.results', `mutation-${room.replaceAll('/', '-')}.json`);
const settings = join('.results', 'stryker.json');
mkdirSync('.results', { recursive: true });
rmSync(report, { force: true });
writeFileSync(
  settings,
  JSON.stringify({
    mutate: [`${room}/**/*.{ts,tsx}`, '!**/*.spec.*', '!**/spec/**', '!**/dist/**'],
    testRunner: 'jest',
    jest: { configFile: 'scripts/jest.room.mjs', enableFindRelatedTests: true },
    plugins: ['@stryker-mutator/jest-runner', join(root, 'scripts', 'sampleOfFaults.mjs')],
    checkers: share < 1 ? ['sample'] : [],
    // Specs of the web name their own surroundings, of which the tester cannot ask what ran: there every fault is met by
    // all tests that import its file.
    ...(room.startsWith('web') ? { coverageAnalysis: 'off' } : { coverageAnalysis: 'perTest', ignoreStatic: true }),
    concurrency: Number(process.env.MUTATE_AT_ONCE ?? 2),
    timeoutMS: 10_000,
    reporters: ['json', 'progress'],
    jsonReporter: { fileName: report },
    // Sentences are the text rooms' own: a rule is held by its codes and figures.
    mutator: { excludedMutations: ['StringLiteral'] },
    tempDirName: '.results/stryker',
    disableTypeChecks: false,
  }),
);
const stryker = join('node_modules', '@stryker-mutator', 'core', 'bin', 'stryker.js');
const { status } = spawnSync(process.execPath, [stryker, 'run', settings], {
  stdio: 'inherit',
  env: { ...process.env, MUTATED_ROOM: room, MUTATE_SHARE: String(share) },
});
if (!existsSync(report)) process.exit(status ?? 1);

const { files } = JSON.parse(readFileSync(report, 'utf8'));
const count = { Killed: 0, Timeout: 0, Survived: 0, NoCoverage: 0 };
const survived = [];
for (const [file, { mutants }] of Object.entries(files))
  for (const fault of mutants) {
    const { status: how, location, mutatorName, replacement } = fault;
    // What no test runs over is never asked about, so its share is taken here.
    if (how === 'NoCoverage' && !isInSample({ ...fault, fileName: file }, share)) continue;
    if (how in count) count[how] += 1;
    if (how === 'Survived' || how === 'NoCoverage')
      survived.push(
        `${relative(root, file)}:${location.start.line}: ${mutatorName} -> ${(replacement ?? '').slice(0, 60)}`,
      );
  }
const noticed = count.Killed + count.Timeout;
const all = noticed + count.Survived + count.NoCoverage;
const score = all === 0 ? 100 : (100 * noticed) / all;
const margin = share === 1 || all === 0 ? 0 : 200 * Math.sqrt(((score / 100) * (1 - score / 100)) / all);
const baseline = existsSync(BASELINE) ? JSON.parse(readFileSync(BASELINE, 'utf8')) : {};
const before = baseline[room];
for (const line of survived) process.stdout.write(`${line}\n`);
process.stdout.write(
  `${room}: ${noticed} of ${all} faults noticed, ${score.toFixed(1)} %${margin === 0 ? '' : ` (give or take ${margin.toFixed(1)})`}${before === undefined ? '' : `, baseline ${before} %`}\n`,
);
if (keep) {
  const next = { ...baseline, [room]: Number(score.toFixed(1)) };
  const sorted = Object.fromEntries(Object.entries(next).sort(([a], [b]) => (a < b ? -1 : 1)));
  writeFileSync(BASELINE, `${JSON.stringify(sorted, null, 2)}\n`);
}
process.exit(before !== undefined && score < before - 0.05 - margin ? 1 : 0);
