import { XMLParser } from 'fast-xml-parser';
import { CAPTURE, cleanCapture, event } from '../spec/events.js';
import { DARWIN_CORE_TERMS } from '../spec/darwinCoreTerms.js';
import { replay } from '../domain/capture/replay.js';
import { summaryOf } from '../domain/capture/summary.js';
import { NO_RULES } from '../domain/water/rules.js';
import type { Water } from '../domain/water/water.js';
import { poundsOunces } from '../measure/mass.js';
import { resultOf } from '../weighing/resultOf.js';
import { coarsePosition } from './coarsePosition.js';
import { darwinCoreArchive, type DarwinCatch, type DarwinPlace } from './darwinCore.js';

const water: Water = {
  id: 'w1',
  name: 'Harrowmere',
  kind: 'lake',
  position: { latitudeDeg: 51.2345, longitudeDeg: -1.2345 },
  altitudeM: null,
  salinity: 0,
  rules: NO_RULES,
  country: 'GB',
  note: 'Behind the\tmill.',
};
const events = [
  ...cleanCapture(),
  event('reading-taken', 381_000, { weight: { asRead: poundsOunces(23, 11), method: 'zeroed' } }),
  event('described', 600_000, {
    facts: { species: 'carp', form: 'mirror', length: { unit: 'mm', count: 800, of: 'pinched' } },
  }),
  event('identified', 600_001, { says: 'new', fishId: 'f1' }),
];
const state = replay(CAPTURE, events);
const caught = (more: Partial<DarwinCatch> = {}): DarwinCatch => ({
  summary: summaryOf(state),
  water,
  fishName: 'Notch',
  nth: 2,
  weight: resultOf(state, [], 'down'),
  ...more,
});
const CHOICES = {
  packageId: 'p1',
  from: 'A. Keeper <&>',
  title: 'Records',
  abstract: 'Some.',
  exportedAt: '2026-11-30T00:00:00.000Z',
};
const archive = (place: DarwinPlace, ...catches: DarwinCatch[]) =>
  new Map(darwinCoreArchive(catches, { ...CHOICES, place }).map(({ name, text }) => [name, text]));
const rowsOf = (text = '') => {
  const [heading = [], ...rows] = text
    .trimEnd()
    .split('\n')
    .map((line) => line.split('\t'));
  return rows.map((row) => Object.fromEntries(heading.map((name, i) => [name, row[i]])));
};

interface MetaFile {
  readonly '@_rowType': string;
  readonly files: { readonly location: string };
  readonly id?: { readonly '@_index': string };
  readonly coreid?: { readonly '@_index': string };
  readonly field: readonly { readonly '@_index': string; readonly '@_term': string }[];
}

/** What the text guide of Darwin Core asks of an archive: what is wrong, a line each. */
function faultsOf(files: ReadonlyMap<string, string>): string[] {
  const parser = new XMLParser({ ignoreAttributes: false });
  const { archive: meta } = parser.parse(files.get('meta.xml') ?? '') as {
    archive: { '@_metadata': string; core: MetaFile; extension: readonly MetaFile[] };
  };
  const faults: string[] = [];
  if (!files.has(meta['@_metadata'])) faults.push('the description of the data is not there');
  const coreIds = new Set<string | undefined>();
  for (const [i, part] of [meta.core, ...meta.extension].entries()) {
    const { location } = part.files;
    const lines = (files.get(location) ?? '')
      .trimEnd()
      .split('\n')
      .map((line) => line.split('\t'));
    const [heading = [], ...rows] = lines;
    if (!part['@_rowType'].startsWith('http://rs.tdwg.org/dwc/terms/')) faults.push(`${location}: no row type`);
    for (const { '@_index': index, '@_term': term } of part.field) {
      const [, name = ''] = /^http:\/\/rs\.tdwg\.org\/dwc\/terms\/(\w+)$/.exec(term) ?? [];
      if (!DARWIN_CORE_TERMS.includes(name)) faults.push(`${location}: ${term} is no term`);
      if (heading[Number(index)] !== name) faults.push(`${location}: column ${index} is not ${name}`);
    }
    const idAt = Number((i === 0 ? part.id : part.coreid)?.['@_index']);
    for (const row of rows) {
      if (row.length !== heading.length) faults.push(`${location}: a row of ${row.length} fields`);
      if (i === 0) {
        if (coreIds.has(row[idAt])) faults.push(`${location}: ${row[idAt]} comes twice`);
        coreIds.add(row[idAt]);
      } else if (!coreIds.has(row[idAt])) faults.push(`${location}: ${row[idAt]} belongs to no event`);
    }
  }
  return faults;
}

test('the archive is one by the text guide, and every term is on the published list', () => {
  const other = { ...summaryOf(state), captureId: 'c2', species: 'other' as const, kindName: 'Grayling' };
  expect(faultsOf(archive('named', caught(), caught({ summary: other, nth: 1 })))).toEqual([]);
});

test('the validator finds what is wrong with one', () => {
  const files = archive('named', caught());
  const broken = new Map([...files, ['occurrence.txt', `${files.get('occurrence.txt') ?? ''}nobody\n`]]);
  expect(faultsOf(broken)).toEqual(['occurrence.txt: a row of 1 fields', 'occurrence.txt: nobody belongs to no event']);
  const renamed = new Map([
    ...files,
    ['meta.xml', (files.get('meta.xml') ?? '').replace('terms/waterBody', 'terms/lake')],
  ]);
  expect(faultsOf(renamed)).toContain('event.txt: http://rs.tdwg.org/dwc/terms/lake is no term');
});

test('a catch is told with its fish, its weight with doubt, and its length', () => {
  const files = archive('named', caught());
  expect(rowsOf(files.get('occurrence.txt'))).toMatchObject([
    {
      eventID: CAPTURE,
      scientificName: 'Cyprinus carpio',
      taxonRank: 'species',
      organismID: 'f1',
      organismName: 'Notch',
      organismRemarks: 'Scale form: mirror',
      vitality: 'alive',
      occurrenceRemarks: 'Catch 2 of this individual; let go where it was caught.',
    },
  ]);
  const measured = rowsOf(files.get('measurementorfact.txt'));
  expect(
    measured.map(({ measurementType, measurementValue, measurementUnit }) => [
      measurementType,
      measurementValue,
      measurementUnit,
    ]),
  ).toEqual([
    ['body mass', expect.stringMatching(/^107\d\d$/), 'g'],
    ['total length', '800', 'mm'],
    ['time out of water', '60', 's'],
  ]);
  expect(Number(measured[0]?.['measurementAccuracy'])).toBeGreaterThan(20);
});

test.each<[DarwinPlace, object]>([
  ['country', { countryCode: 'GB', waterBody: '', decimalLatitude: '', decimalLongitude: '', dataGeneralizations: '' }],
  ['coarse', { countryCode: 'GB', waterBody: '', decimalLatitude: '51.2', decimalLongitude: '-1.2' }],
  [
    'named',
    { waterBody: 'Harrowmere', decimalLatitude: '51.2', dataGeneralizations: 'Coordinates rounded to 0.1 degree.' },
  ],
])('of where it was, "%s" says so much and no more', (place, says) => {
  const files = archive(place, caught());
  expect(rowsOf(files.get('event.txt'))).toMatchObject([says]);
  for (const text of files.values()) expect(text).not.toMatch(/51\.23|1\.23|mill/);
  if (place !== 'named') for (const text of files.values()) expect(text).not.toContain('Harrowmere');
});

test('a fish that is remembered has an interval for its date, and nothing of how it was handled', () => {
  const dated = { as: 'month', from: '2019-06-01', to: '2019-06-30' } as const;
  const summary = { ...summaryOf(state), dated, origin: 'memory' as const };
  const files = archive('country', caught({ summary }));
  expect(rowsOf(files.get('event.txt'))).toMatchObject([
    { eventDate: '2019-06-01/2019-06-30', year: '2019', month: '' },
  ]);
  expect(files.get('measurementorfact.txt')).not.toContain('time out of water');
});

test('whose records they are is said in the description, whatever letters a name has', () => {
  const eml = archive('country', caught()).get('eml.xml') ?? '';
  const { 'eml:eml': read } = new XMLParser().parse(eml) as {
    'eml:eml': { dataset: { creator: { individualName: { surName: string } }; pubDate: string } };
  };
  expect(read.dataset.creator.individualName.surName).toBe('A. Keeper <&>');
  expect(read.dataset.pubDate).toBe('2026-11-30');
});

// By hand: 0.05 degrees are 5,560 m; at the equator the cell is as wide as high, at 60 degrees half as wide and a bit.
test.each([
  [{ latitudeDeg: 0.02, longitudeDeg: 0.01 }, 0, 0, 7863],
  [{ latitudeDeg: 51.25, longitudeDeg: -1.25 }, 51.3, -1.2, 6559],
  [{ latitudeDeg: -60.01, longitudeDeg: 179.96 }, -60, 180, 6218],
])(
  '%j is told as a tenth of a degree, with how far off it may be',
  (position, latitudeDeg, longitudeDeg, uncertaintyM) => {
    const coarse = coarsePosition(position);
    expect(coarse).toMatchObject({ latitudeDeg, longitudeDeg });
    expect(Math.abs(coarse.uncertaintyM - uncertaintyM)).toBeLessThanOrEqual(2);
  },
);
