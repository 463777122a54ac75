import type { Say } from '../measure/message.js';
import Papa from 'papaparse';
import type { Angler } from '../domain/capture/angler.js';
import type { CaptureRecord } from '../domain/capture/record.js';
import type { CaptureSummary } from '../domain/capture/summary.js';
import { estimatedWeight } from '../biometry/estimatedWeight.js';
import { woundPlace } from '../domain/fish/wound.js';
import { formatLength, lengthMm } from '../measure/length.js';
import { localTime } from '../measure/localTime.js';
import { formatMass } from '../measure/formatMass.js';
import type { Mass } from '../measure/mass.js';
import type { WeightResult } from '../weighing/result.js';
import type { Swim } from '../domain/water/swim.js';
import type { Water } from '../domain/water/water.js';

/** What may leave the book. Positions stay home unless asked for. */
export interface ExportChoices {
  readonly positions: boolean;
}

const COLUMNS = [
  'capture_id',
  'started_at_utc',
  'started_at_local',
  'time_zone',
  'outcome',
  'species',
  'form',
  'other_species',
  'water',
  'swim',
  'weight_as_read',
  'weigh_method',
  'tare_as_read',
  'net_weight',
  'net_weight_g',
  'length_as_read',
  'length_mm',
  'length_of',
  'total_length_mm',
  'fight_s',
  'air_total_s',
  'air_longest_s',
  'air_complete',
  'elapsed_s',
  'amendments',
  'note',
  'pictures_sha256',
  'outing_id',
  'gaps_at_take',
  'water_temp_c',
  'hook',
  'left_as',
  'wounds',
  'girth_as_read',
  'girth_mm',
  'guess_g',
  'read_how',
  'scale_support',
  'empty_sling_after',
  'net_weight_expanded_u_g',
  'best_estimate_g',
  'best_estimate_expanded_u_g',
  'set_aside',
  'rod',
  'rig',
  'bait',
  'method',
  'place',
  'distance_m',
  'depth_m',
  'given_before_strike_s',
  'hook_hold',
  'lost_how',
  'tackle_left',
  'straight_back',
  'caught_by',
  'second_scale_as_read',
  'over_scale_g',
  'estimated_weight_g',
  'estimated_from_g',
  'estimated_to_g',
  'keeper',
  'origin',
  'date_known_to',
  'date_from',
  'date_to',
] as const;

const POSITION_COLUMNS = ['water_latitude_deg', 'water_longitude_deg'] as const;

const RFC_4180 = { newline: '\r\n', quotes: false } as const;

/** The header record of the book as CSV (RFC 4180), with its line end. */
export function csvHeader(choices: ExportChoices): string {
  return csvRecords([csvColumns(choices)]);
}

function csvColumns({ positions }: ExportChoices): string[] {
  return positions ? [...COLUMNS, ...POSITION_COLUMNS] : [...COLUMNS];
}

/**
 * One capture as the fields of a CSV record. Times are ISO 8601 in UTC, and by the clocks of the place where it is
 * known; durations in seconds, units in the column names. A fact that was not noted is an empty field. `result` is the
 * weight with its doubt; its expanded uncertainties hold the truth in about 19 of 20. `say` puts the places of wounds
 * into words.
 */
export function csvFields(
  summary: CaptureSummary,
  { length, girth, note, gaps, wounds, pictures, setAside }: CaptureRecord,
  told: {
    readonly water: Water | undefined;
    readonly swim: Swim | undefined;
    /** The name of the keeper whose fish it is, where it has one. */
    readonly whose?: string | undefined;
  },
  result: WeightResult | undefined,
  choices: ExportChoices,
  say: Say,
): string[] {
  const { water, swim, whose } = told;
  const { weighing, net, netGrams, lengthMm: totalMm, guessGrams } = summary;
  return [
    summary.captureId,
    // Of a fish that is remembered no moment is known.
    ...(summary.dated
      ? ['', '']
      : [summary.startedAt ?? '', localTime(summary.startedAt ?? '', summary.zone)?.iso ?? '']),
    summary.zone ?? '',
    summary.outcome,
    summary.species ?? '',
    summary.form ?? '',
    summary.kindName ?? '',
    water?.name ?? '',
    swim?.name ?? '',
    massText(weighing?.asRead),
    weighing?.method ?? '',
    massText(weighing?.tare),
    massText(net),
    tenths(netGrams),
    length ? formatLength(length) : '',
    tenths(length && lengthMm(length)),
    length?.of ?? '',
    tenths(totalMm),
    ...handling(summary),
    String(summary.amendmentCount),
    note ?? '',
    pictures.join(' '),
    summary.outingId ?? '',
    gaps.join('; '),
    tenths(summary.waterC),
    summary.hookEnd ?? '',
    summary.leaving ?? '',
    wounds.map((wound) => `${wound.kind} (${say(woundPlace(wound))}, ${wound.sizeMm} mm)`).join('; '),
    girth ? formatLength(girth) : '',
    tenths(girth && lengthMm(girth)),
    tenths(guessGrams),
    weighing?.way ?? '',
    weighing?.support ?? '',
    massText(weighing?.slingAfter),
    tenths(result?.standsExpandedGrams),
    tenths(result?.best.grams),
    tenths(result?.best.expandedGrams),
    setAside.join('; '),
    ...rodFields(summary),
    summary.straightBack ? 'yes' : '',
    guestText(summary.angler),
    massText(weighing?.also?.asRead),
    tenths(summary.overScaleGrams),
    ...estimateFields(summary),
    whose ?? '',
    summary.origin,
    summary.dated?.as ?? '',
    summary.dated?.from ?? '',
    summary.dated?.to ?? '',
    ...(choices.positions ? [degrees(water?.position?.latitudeDeg), degrees(water?.position?.longitudeDeg)] : []),
  ];
}

/** Records as CSV (RFC 4180), each with its line end. */
export function csvRecords(records: readonly string[][]): string {
  return records.length === 0 ? '' : `${Papa.unparse([...records], RFC_4180)}\r\n`;
}

/** The record of a capture that could not be worked out: it is named, and everything else of the book follows. */
export function csvUnreadable(captureId: string, choices: ExportChoices): string[] {
  return csvColumns(choices).map((name) =>
    name === 'capture_id' ? captureId : name === 'set_aside' ? 'could not be worked out; its log is in the JSON' : '',
  );
}

/** Who caught it, where it was none of the keepers. */
function guestText(angler: Angler | null): string {
  if (!angler || angler.who === 'keeper') return '';
  return angler.name ? `${angler.who}: ${angler.name}` : angler.who;
}

/** The columns of what it took on, and of how it was lost; empty for what was not told. */
function rodFields({ rod, hookHold, loss }: CaptureSummary): string[] {
  return [
    rod?.rod === undefined ? '' : String(rod.rod),
    rod?.rig ?? '',
    rod?.bait ?? '',
    rod?.method ?? '',
    rod?.place ?? '',
    tenths(rod?.distanceM),
    tenths(rod?.depthM),
    tenths(rod?.givenS),
    hookHold ?? '',
    loss?.reason ?? '',
    loss?.left ?? '',
  ];
}

/** What it weighs by length and girth, with its limits; only where no scale read it. */
function estimateFields({ net, overScaleGrams, ...asked }: CaptureSummary): string[] {
  const estimate = net ? undefined : estimatedWeight({ ...asked, overGrams: overScaleGrams });
  return [tenths(estimate?.grams), tenths(estimate?.leastGrams), tenths(estimate?.mostGrams)];
}

/** The columns of how it was handled; empty for a page of which nothing is known of that. */
function handling({ origin, fightMs, airMs, longestAirMs, airComplete, elapsedMs }: CaptureSummary): string[] {
  if (origin !== 'bank') return ['', '', '', '', ''];
  const air = airComplete ? 'yes' : 'at_least';
  return [seconds(fightMs), seconds(airMs), seconds(longestAirMs), air, seconds(elapsedMs)];
}

function massText(mass: Mass | null | undefined): string {
  return mass ? formatMass(mass) : '';
}

/** With one place after the point; nothing for what was not noted. */
function tenths(value: number | null | undefined): string {
  return value === null || value === undefined ? '' : value.toFixed(1);
}

function seconds(ms: number): string {
  return (ms / 1000).toFixed(1);
}

function degrees(value: number | undefined): string {
  return value === undefined ? '' : String(value);
}
