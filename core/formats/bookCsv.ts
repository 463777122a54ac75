import Papa from 'papaparse';
import { summaryOf } from '../capture/summary.js';
import type { CaptureStory } from '../capture/story.js';
import { woundPlace } from '../fish/wound.js';
import { formatLength, lengthMm } from '../measure/length.js';
import { localTime } from '../measure/localTime.js';
import { formatMass } from '../measure/formatMass.js';
import type { WeightResult } from '../weighing/result.js';
import type { Swim } from '../water/swim.js';
import type { Water } from '../water/water.js';

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
] as const;

const POSITION_COLUMNS = ['water_latitude_deg', 'water_longitude_deg'] as const;

const RFC_4180 = { newline: '\r\n', quotes: false } as const;

/** The header record of the book as CSV (RFC 4180), with its line end. */
export function csvHeader(choices: ExportChoices): string {
  const names = choices.positions ? [...COLUMNS, ...POSITION_COLUMNS] : [...COLUMNS];
  return `${Papa.unparse([names], RFC_4180)}\r\n`;
}

/**
 * One capture as a CSV record (RFC 4180), with its line end. Times are ISO 8601 in UTC, and by the clocks of the place where it is known; durations in seconds, units in the column names.
 * A fact that was not noted is an empty field. `result` is the weight with its doubt; its expanded uncertainties hold the truth in about 19 of 20.
 */
export function csvRecord(
  story: CaptureStory,
  place: { readonly water: Water | undefined; readonly swim: Swim | undefined },
  result: WeightResult | undefined,
  choices: ExportChoices,
): string {
  const { water, swim } = place;
  const summary = summaryOf(story);
  const { weight, length, girth, note } = story.facts;
  const fields = [
    story.captureId,
    story.startedAt ?? '',
    localTime(story.startedAt ?? '', story.zone)?.iso ?? '',
    story.zone ?? '',
    story.outcome,
    summary.species ?? '',
    summary.form ?? '',
    summary.kindName ?? '',
    water?.name ?? '',
    swim?.name ?? '',
    weight ? formatMass(weight.asRead) : '',
    weight?.method ?? '',
    weight?.tare ? formatMass(weight.tare) : '',
    summary.net ? formatMass(summary.net) : '',
    summary.netGrams === null ? '' : summary.netGrams.toFixed(1),
    length ? formatLength(length) : '',
    length ? lengthMm(length).toFixed(1) : '',
    length?.of ?? '',
    summary.lengthMm === null ? '' : summary.lengthMm.toFixed(1),
    seconds(summary.fightMs),
    seconds(summary.airMs),
    seconds(summary.longestAirMs),
    story.airComplete ? 'yes' : 'at_least',
    seconds(summary.elapsedMs),
    String(story.amendments.length),
    note ?? '',
    story.pictures.map((picture) => picture.sha256).join(' '),
    story.outingId ?? '',
    story.gaps.join('; '),
    summary.waterC === null ? '' : summary.waterC.toFixed(1),
    story.hookEnd ?? '',
    story.leaving ?? '',
    story.wounds.map((wound) => `${wound.kind} (${woundPlace(wound)}, ${wound.sizeMm} mm)`).join('; '),
    girth ? formatLength(girth) : '',
    girth ? lengthMm(girth).toFixed(1) : '',
    summary.guessGrams === null ? '' : summary.guessGrams.toFixed(1),
    weight?.way ?? '',
    weight?.support ?? '',
    story.slingAfter ? formatMass(story.slingAfter) : '',
    result ? result.standsExpandedGrams.toFixed(1) : '',
    result ? result.best.grams.toFixed(1) : '',
    result ? result.best.expandedGrams.toFixed(1) : '',
    ...(choices.positions ? [degrees(water?.position?.latitudeDeg), degrees(water?.position?.longitudeDeg)] : []),
  ];
  return `${Papa.unparse([fields], RFC_4180)}\r\n`;
}

function seconds(ms: number): string {
  return (ms / 1000).toFixed(1);
}

function degrees(value: number | undefined): string {
  return value === undefined ? '' : String(value);
}
