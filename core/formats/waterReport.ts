import Papa from 'papaparse';
import type { CaptureSummary } from '../domain/capture/summary.js';
import { speciesName } from '../domain/fish/species.js';
import { localTime } from '../measure/localTime.js';
import { formatMass } from '../measure/formatMass.js';
import { formatBodyLength } from '../domain/fish/bodyLength.js';
import type { Say } from '../measure/message.js';
import { guardedCell } from './guardedCell.js';

/** A fish of a water, as its bailiff hears of it. */
export interface ReportedFish {
  readonly summary: CaptureSummary;
  readonly swimName: string | null;
  /** What a known fish is called, and when it was caught here before, the newest first. */
  readonly fishName: string | null;
  readonly before: readonly Pick<CaptureSummary, 'startedAt' | 'zone' | 'net'>[];
  readonly caughtBy: string | null;
}

const COLUMNS = [
  'date',
  'time',
  'species',
  'weight',
  'weight_g',
  'length',
  'length_mm',
  'swim',
  'known_as',
  'caught_here_before',
  'last_here_on',
  'last_weight',
  'open_wounds',
  'outcome',
  'left_as',
  'caught_by',
] as const;

/**
 * The fish of one water as CSV for its bailiff (RFC 4180): what was caught, in what state it left, and which of them
 * had been caught here before. No baits, no rigs and no notes: those stay the keeper's. Cells are guarded, as people
 * open it in a table program.
 */
export function waterReportCsv(fish: readonly ReportedFish[], say: Say): string {
  const rows = fish.map((each) => reportFields(each, say).map(guardedCell));
  return `${Papa.unparse([[...COLUMNS], ...rows], { newline: '\r\n', quotes: false })}\r\n`;
}

function reportFields({ summary, swimName, fishName, before, caughtBy }: ReportedFish, say: Say): string[] {
  const { startedAt, zone, dated, species, form, kindName, net, netGrams, length, lengthMm } = summary;
  const there = localTime(startedAt ?? '', zone);
  const [last] = before;
  return [
    dated ? (dated.from === dated.to ? dated.from : `${dated.from}/${dated.to}`) : (there?.day ?? ''),
    dated ? '' : (there?.iso.slice(11, 16) ?? ''),
    say(speciesName(species, form, kindName)),
    net ? formatMass(net) : '',
    netGrams === null ? '' : netGrams.toFixed(0),
    length ? formatBodyLength(length) : '',
    lengthMm === null ? '' : lengthMm.toFixed(0),
    swimName ?? '',
    fishName ?? '',
    summary.fishId === null ? '' : String(before.length),
    last ? (localTime(last.startedAt ?? '', last.zone)?.day ?? '') : '',
    last?.net ? formatMass(last.net) : '',
    summary.openWounds.join('; '),
    summary.outcome,
    summary.leaving ?? '',
    caughtBy ?? '',
  ];
}
