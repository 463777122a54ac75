import { XMLBuilder } from 'fast-xml-parser';
import type { CaptureSummary } from '../domain/capture/summary.js';
import { speciesOf } from '../domain/fish/species.js';
import { lengthMm } from '../measure/length.js';
import { localTime } from '../measure/localTime.js';
import type { Water } from '../domain/water/water.js';
import type { WeightResult } from '../weighing/result.js';
import { coarsePosition, COARSE_DEG } from './coarsePosition.js';

/**
 * What is said of where a fish was: its country alone; a position that is rounded; or that and the name of its water.
 */
export const DARWIN_PLACES = ['country', 'coarse', 'named'] as const;
export type DarwinPlace = (typeof DARWIN_PLACES)[number];

/** One catch of a known fish, as far as it is told. */
export interface DarwinCatch {
  readonly summary: CaptureSummary;
  readonly water: Water | undefined;
  /** What the keeper calls the fish. */
  readonly fishName: string | null;
  /** Which of its catches this is, from 1. */
  readonly nth: number;
  readonly weight: WeightResult | undefined;
}

/** Whose catches they are, and what is said of them. */
export interface DarwinChoices {
  /** An id of the archive (EML packageId). */
  readonly packageId: string;
  /** The keeper, as they want to be named. */
  readonly from: string;
  readonly title: string;
  readonly abstract: string;
  readonly exportedAt: string;
  readonly place: DarwinPlace;
}

/** A file of the archive. */
export interface ArchiveFile {
  readonly name: string;
  readonly text: string;
}

const DWC = 'http://rs.tdwg.org/dwc/terms/';
const DC = 'http://purl.org/dc/terms/';

const EVENT_TERMS = [
  `${DWC}eventID`,
  `${DWC}samplingProtocol`,
  `${DWC}eventDate`,
  `${DWC}year`,
  `${DWC}month`,
  `${DWC}day`,
  `${DWC}countryCode`,
  `${DWC}waterBody`,
  `${DWC}decimalLatitude`,
  `${DWC}decimalLongitude`,
  `${DWC}geodeticDatum`,
  `${DWC}coordinateUncertaintyInMeters`,
  `${DWC}dataGeneralizations`,
  `${DWC}informationWithheld`,
] as const;

const OCCURRENCE_TERMS = [
  `${DWC}eventID`,
  `${DWC}occurrenceID`,
  `${DWC}basisOfRecord`,
  `${DWC}occurrenceStatus`,
  `${DWC}recordedBy`,
  `${DWC}individualCount`,
  `${DWC}organismID`,
  `${DWC}organismName`,
  `${DWC}organismRemarks`,
  `${DWC}vitality`,
  `${DWC}scientificName`,
  `${DWC}taxonRank`,
  `${DWC}kingdom`,
  `${DWC}vernacularName`,
  `${DWC}identificationRemarks`,
  `${DWC}occurrenceRemarks`,
] as const;

const MEASUREMENT_TERMS = [
  `${DWC}eventID`,
  `${DWC}measurementID`,
  `${DWC}measurementType`,
  `${DWC}measurementValue`,
  `${DWC}measurementAccuracy`,
  `${DWC}measurementUnit`,
  `${DWC}measurementMethod`,
] as const;

/**
 * Catches of known fish as a Darwin Core Archive (TDWG, "Darwin Core Text Guide"): an event core, one event a catch,
 * with an occurrence and its measurements, the description of the files (`meta.xml`) and of the data (`eml.xml`).
 * A position is left out, or rounded and said to be.
 */
export function darwinCoreArchive(catches: readonly DarwinCatch[], choices: DarwinChoices): ArchiveFile[] {
  return [
    { name: 'meta.xml', text: metaXml() },
    { name: 'eml.xml', text: emlXml(catches, choices) },
    {
      name: 'event.txt',
      text: table(
        EVENT_TERMS,
        catches.map((each) => eventFields(each, choices)),
      ),
    },
    {
      name: 'occurrence.txt',
      text: table(
        OCCURRENCE_TERMS,
        catches.map((each) => occurrenceFields(each, choices)),
      ),
    },
    { name: 'measurementorfact.txt', text: table(MEASUREMENT_TERMS, catches.flatMap(measurementFields)) },
  ];
}

function eventFields({ summary, water }: DarwinCatch, { place }: DarwinChoices): string[] {
  const [eventDate, day] = dateOf(summary);
  const [year = '', month = '', dayOfMonth = ''] = day.split('-');
  const coarse = place !== 'country' && water?.position ? coarsePosition(water.position) : undefined;
  return [
    summary.captureId,
    'rod and line',
    eventDate,
    year,
    month && String(Number(month)),
    dayOfMonth && String(Number(dayOfMonth)),
    water?.country ?? '',
    place === 'named' ? (water?.name ?? '') : '',
    coarse ? coarse.latitudeDeg.toFixed(1) : '',
    coarse ? coarse.longitudeDeg.toFixed(1) : '',
    coarse ? 'EPSG:4326' : '',
    coarse ? String(coarse.uncertaintyM) : '',
    coarse ? `Coordinates rounded to ${COARSE_DEG} degree.` : '',
    coarse
      ? 'Exact location and swim are held by the keeper of the records.'
      : 'Location is held by the keeper of the records.',
  ];
}

function occurrenceFields({ summary, fishName, nth }: DarwinCatch, { from }: DarwinChoices): string[] {
  const { captureId, fishId, species, form, kindName, outcome } = summary;
  const known = species && species !== 'other' ? speciesOf(species) : undefined;
  return [
    captureId,
    `${captureId}:fish`,
    'HumanObservation',
    'present',
    from,
    '1',
    fishId ?? '',
    fishName ?? '',
    form && form !== 'common' ? `Scale form: ${form}` : '',
    outcome === 'died' ? 'dead' : 'alive',
    known ? known.latin : 'Actinopterygii',
    known ? 'species' : 'class',
    'Animalia',
    known ? '' : (kindName ?? ''),
    fishId ? 'Individual recognised by the pattern of its flank.' : '',
    `Catch ${nth} of this individual${outcome === 'released' ? '; let go where it was caught' : ''}.`,
  ];
}

function measurementFields({ summary, weight }: DarwinCatch): string[][] {
  const { captureId, length, lengthMm: totalMm, girthMm, waterC, origin, airMs, airComplete } = summary;
  const rows: (readonly [type: string, value: string, accuracy: string, unit: string, method: string])[] = [];
  if (weight) {
    const method = 'Weighed in a sling; the weight of the wet sling taken off.';
    rows.push(['body mass', weight.best.grams.toFixed(0), weight.best.expandedGrams.toFixed(0), 'g', method]);
  }
  if (length?.of === 'fork') rows.push(['fork length', lengthMm(length).toFixed(0), '', 'mm', 'On a measuring board.']);
  else if (totalMm !== null) {
    const method = 'On a measuring board, snout to tip of the tail, lobes pinched together.';
    rows.push(['total length', totalMm.toFixed(0), '', 'mm', method]);
  }
  if (girthMm !== null) rows.push(['girth', girthMm.toFixed(0), '', 'mm', 'Tape, at the front of the dorsal fin.']);
  if (waterC !== null)
    rows.push(['water temperature', waterC.toFixed(1), '', 'degree Celsius', 'Thermometer, at the take.']);
  if (origin === 'bank' && airComplete)
    rows.push(['time out of water', (airMs / 1000).toFixed(0), '', 's', 'Each lift and return was timed.']);
  return rows.map(([type, ...rest]) => [captureId, `${captureId}:${type.replaceAll(' ', '-')}`, type, ...rest]);
}

/** The date as ISO 8601-1 writes it, and the day where it is one. A day that is known roughly is an interval. */
function dateOf({ startedAt, zone, dated }: CaptureSummary): [eventDate: string, day: string] {
  if (dated) {
    const isDay = dated.from === dated.to;
    return [isDay ? dated.from : `${dated.from}/${dated.to}`, isDay ? dated.from : dated.from.slice(0, 4)];
  }
  const there = localTime(startedAt ?? '', zone);
  return [there?.iso ?? '', there?.day ?? ''];
}

/** A table with its heading; tabs and ends of line within a field become spaces, as the text guide has no quotes. */
function table(terms: readonly string[], rows: readonly (readonly string[])[]): string {
  const line = (fields: readonly string[]) => fields.map((field) => field.replaceAll(/\s+/g, ' ')).join('\t');
  return `${[terms.map((term) => term.slice(term.lastIndexOf('/') + 1)), ...rows].map(line).join('\n')}\n`;
}

const XML = new XMLBuilder({ ignoreAttributes: false, format: true, suppressBooleanAttributes: false });
const DECLARATION = '<?xml version="1.0" encoding="UTF-8"?>\n';

function metaXml(): string {
  const file = (rowType: string, location: string, terms: readonly string[], id: 'id' | 'coreid') => ({
    '@_encoding': 'UTF-8',
    '@_fieldsTerminatedBy': '\\t',
    '@_linesTerminatedBy': '\\n',
    '@_fieldsEnclosedBy': '',
    '@_ignoreHeaderLines': '1',
    '@_rowType': `${DWC}${rowType}`,
    files: { location },
    [id]: { '@_index': '0' },
    field: terms.map((term, index) => ({ '@_index': String(index), '@_term': term })),
  });
  return `${DECLARATION}${String(
    XML.build({
      archive: {
        '@_xmlns': 'http://rs.tdwg.org/dwc/text/',
        '@_metadata': 'eml.xml',
        core: file('Event', 'event.txt', EVENT_TERMS, 'id'),
        extension: [
          file('Occurrence', 'occurrence.txt', OCCURRENCE_TERMS, 'coreid'),
          file('MeasurementOrFact', 'measurementorfact.txt', MEASUREMENT_TERMS, 'coreid'),
        ],
      },
    }),
  )}`;
}

/** What the data are, in the Ecological Metadata Language (EML 2.2.0, as GBIF asks for it). */
function emlXml(catches: readonly DarwinCatch[], choices: DarwinChoices): string {
  const { packageId, from, title, abstract, exportedAt } = choices;
  const days = catches.flatMap(({ summary }) => dateOf(summary)[0].slice(0, 10) || []).toSorted();
  const latins = [
    ...new Set(catches.flatMap(({ summary: { species } }) => (species && speciesOf(species)?.latin) || [])),
  ].toSorted();
  const person = { individualName: { surName: from } };
  return `${DECLARATION}${String(
    XML.build({
      'eml:eml': {
        '@_xmlns:eml': 'https://eml.ecoinformatics.org/eml-2.2.0',
        '@_xmlns:dc': DC,
        '@_packageId': packageId,
        '@_system': 'https://gbif.org',
        '@_scope': 'system',
        '@_xml:lang': 'eng',
        dataset: {
          title,
          creator: person,
          metadataProvider: person,
          pubDate: exportedAt.slice(0, 10),
          language: 'eng',
          abstract: { para: abstract },
          intellectualRights: { para: `The records are those of ${from}; ask before they are used.` },
          ...(days.length > 0 && {
            coverage: {
              temporalCoverage: {
                rangeOfDates: {
                  beginDate: { calendarDate: days[0] },
                  endDate: { calendarDate: days.at(-1) },
                },
              },
              ...(latins.length > 0 && {
                taxonomicCoverage: {
                  taxonomicClassification: latins.map((latin) => ({
                    taxonRankName: 'species',
                    taxonRankValue: latin,
                  })),
                },
              }),
            },
          }),
          contact: person,
          methods: {
            methodStep: {
              description: { para: 'Caught on rod and line, weighed and measured beside the water, let go there.' },
            },
          },
        },
      },
    }),
  )}`;
}
