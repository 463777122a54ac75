#!/usr/bin/env node
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';

/**
 * The words that are not used any more: names that the field calls otherwise, and phrases that nobody says on a bank.
 * Each stands with the word that took its place. Prints every place where one has come back, and exits 1.
 */
const NAMES = {
  tellStory: 'replay',
  stepStory: 'applyEvent',
  tellOuting: 'replayOuting',
  CaptureStory: 'CaptureState',
  OutingStory: 'OutingState',
  standingEvents: 'effectiveEvents',
  TELLING: 'PROJECTION_VERSION',
  Spell: 'MediumInterval',
  bentShift: 'refineWarp',
  roughShift: 'coarseAlign',
  overlaid: 'warp',
  turnedShift: 'invertWarp',
  noShift: 'identityWarp',
  laidFlank: 'rectify',
  glance: 'a search stage',
  FlankPrint: 'FlankDescriptor',
  printSketch: 'binaryDescriptor',
  underHands: 'skinMask',
  settledPoints: 'refineLandmarks',
  settledFrame: 'refineFrame',
  factsSpeak: 'metadataLogOdds',
  factsTogether: 'combineLogOdds',
  evidenceOf: 'logLikelihoodRatio',
  linkDoubts: 'consistencyChecks',
  lengthsTwice: 'recaptureIncrements',
  judgeEye: 'guessBias',
  prospect: 'assessOuting',
  lookAhead: 'assessAhead',
  weatherAhead: 'correctedForecast',
  layOut: 'autoLayout',
  situationOf: 'runContextOf',
  momentOf: 'runStateOf',
  aroundNow: 'conditionsAtTake',
  becauseOf: 'slipEvidence',
  ScaleNature: 'ScaleSpec',
  furtherBuilds: 'otherBodyShapes',
  KeepRows: 'RowsRepository',
  KeepWaters: 'WatersRepository',
  KeepOutings: 'OutingsService',
  KeepSettings: 'SettingsService',
  KeepRegisters: 'RegistersService',
  AppendEvents: 'CaptureEventsService',
  ReadBook: 'CapturesRepository',
  refuseForeignRequests: 'originGuard',
  keptApart: 'registerCache',
  waitingBag: 'outboxExport',
  useSituation: 'useRunContext',
  useStories: 'useCaptureStates',
  TempHabit: 'TempUnit',
};

const PHRASES = {
  'held against': 'compared with',
  'hangs on': 'depends on',
  'speaks for': 'suggests',
  'gives no camera': 'has no camera',
  'is no vet': 'is not a vet',
  'put away': 'archived',
  'is rid of it': 'a lost fish tows nothing',
  'said at its field': 'check the fields marked below',
  'what waits as a file': 'save unsent entries to a file',
  'less than nothing': 'below zero',
  'below nothing': 'below zero',
  'about nothing': 'about zero',
  'no rest, it is keeping': 'is not a rest',
  'in 100 had': 'known fish, all recaptured',
  'another thing…': 'add kit',
  'another kind…': 'other species',
  'rules and place': 'rules and location',
  'server is away': 'the server cannot be reached',
  'over the line': 'over the limit',
  prospect: 'assessment',
};

const files = execFileSync('git', ['ls-files', '*.ts', '*.tsx', '*.mjs', '*.cjs', '*.md', '*.html'], {
  encoding: 'utf8',
})
  .trim()
  .split('\n')
  // The list itself, and what was said of versions that are past.
  .filter((file) => file !== 'scripts/words.mjs' && file !== 'CHANGELOG.md');

const found = [];
for (const file of files) {
  const lines = readFileSync(file, 'utf8').split('\n');
  for (const [i, line] of lines.entries()) {
    for (const [name, better] of Object.entries(NAMES))
      if (new RegExp(`(?<![\\w$])${name}(?![\\w$])`).test(line)) found.push(`${file}:${i + 1}: ${name} -> ${better}`);
    for (const [phrase, better] of Object.entries(PHRASES))
      if (line.toLowerCase().includes(phrase)) found.push(`${file}:${i + 1}: "${phrase}" -> "${better}"`);
  }
}
for (const place of found) process.stdout.write(`${place}\n`);
if (found.length > 0) process.stdout.write(`${found.length} words that are not used any more.\n`);
process.exit(found.length === 0 ? 0 : 1);
