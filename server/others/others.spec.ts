import { spawnSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import Papa from 'papaparse';
import { readGeoJson } from '@keeper/core/formats/geoJson';
import { NO_RULES } from '@keeper/core/domain/water/rules';
import { asBuffer } from '../spec/asBuffer.js';
import { event, newId, wholeCapture } from '../spec/events.js';
import { testServer, type TestServer } from '../spec/testServer.js';

let server: TestServer;
const [WATER, SWIM, FISH] = [newId(), newId(), newId()];
beforeAll(async () => {
  server = await testServer();
  const put = (path: string, body: object) => server.http.put(`/api/${path}`).send(body).expect(200);
  const position = { latitudeDeg: 51.2345, longitudeDeg: -1.2345 };
  const water = {
    name: 'Mere & <pit>',
    kind: 'lake',
    position,
    rules: NO_RULES,
    country: 'GB',
    note: 'Reeds.',
    revision: 0,
  };
  await put(`waters/${WATER}`, water);
  const swim = { waterId: WATER, name: '=Reeds', position, facingDeg: 90, bank: 'grass', hazards: [], fixtures: [] };
  await put(`swims/${SWIM}`, { ...swim, note: null, retired: false, revision: 0 });
  await put(`fish/${FISH}`, { name: 'Notch', note: null, retired: false, revision: 0 });
  const [first, again, stranger] = [3, 9, 20].map((day) => wholeCapture(day, 300 + day, { waterId: WATER }));
  const events = [first, again, stranger].flatMap((each) => each?.events ?? []);
  for (const each of [first, again]) {
    const captureId = each?.captureId ?? '';
    events.push(event(captureId, 'identified', 900_100, { says: 'same', fishId: FISH }));
    events.push(event(captureId, 'outing-bound', 1, { outingId: newId(), swimId: SWIM }));
  }
  await server.http.post('/api/events').send({ events }).expect(201);
});
afterAll(() => server.close());

test('recaptures leave as a ZIP with the files of a Darwin Core Archive', async () => {
  const { body } = await server.http
    .get('/api/darwin-core.zip?from=Ann&place=coarse')
    .buffer(true)
    .parse(asBuffer)
    .expect(200);
  const file = join(server.dataFolder, 'dwc.zip');
  writeFileSync(file, body as Buffer);
  const listed = spawnSync('/usr/bin/unzip', ['-Z1', file], { encoding: 'utf8' }).stdout.trim().split('\n');
  expect(listed.sort()).toEqual(['eml.xml', 'event.txt', 'measurementorfact.txt', 'meta.xml', 'occurrence.txt']);
  const of = (name: string) => spawnSync('/usr/bin/unzip', ['-p', file, name], { encoding: 'utf8' }).stdout;
  // A fish that was caught once is no recapture.
  expect(of('event.txt').trimEnd().split('\n')).toHaveLength(3);
  expect(of('event.txt')).not.toContain('51.23');
  await server.http.get('/api/darwin-core.zip').expect(400);
});

test('the bailiff hears of every fish of the water, and which were had there before', async () => {
  const { text } = await server.http.get(`/api/waters/${WATER}/report.csv`).expect(200);
  const { data } = Papa.parse<Record<string, string>>(text.trimEnd(), { header: true });
  expect(data).toMatchObject([
    { date: '2026-05-03', species: 'Carp', known_as: 'Notch', caught_here_before: '0', swim: "'=Reeds" },
    {
      date: '2026-05-09',
      known_as: 'Notch',
      caught_here_before: '1',
      last_here_on: '2026-05-03',
      last_weight: '18 lb 15 oz',
    },
    { date: '2026-05-20', known_as: '', caught_here_before: '' },
  ]);
  const within = await server.http
    .get(`/api/waters/${WATER}/report.csv?fromDay=2026-05-09&toDay=2026-05-09`)
    .expect(200);
  expect(within.text.trimEnd().split('\r\n')).toHaveLength(2);
  await server.http.get(`/api/waters/${newId()}/report.csv`).expect(404);
});

test('places leave as GeoJSON, and as GPX that holds to its schema (Topografix, GPX 1.1)', async () => {
  const { body } = await server.http.get('/api/places.geojson').buffer(true).parse(asBuffer).expect(200);
  const read = readGeoJson(String(body));
  expect(read.ok && read.value.places.map(({ name, of }) => [name, of])).toEqual([
    ['Mere & <pit>', null],
    ['=Reeds', 'Mere & <pit>'],
  ]);
  const gpx = await server.http.get('/api/places.gpx').buffer(true).parse(asBuffer).expect(200);
  const file = join(server.dataFolder, 'places.gpx');
  writeFileSync(file, gpx.body as Buffer);
  const schema = join(__dirname, '..', 'spec', 'schemas', 'gpx-1.1.xsd');
  const checked = spawnSync('/usr/bin/xmllint', ['--noout', '--schema', schema, file], { encoding: 'utf8' });
  expect(checked.stderr).toBe(`${file} validates\n`);
});

test('for people a cell that looks like a formula is guarded, for machines it is as it is', async () => {
  const swims = async (query: string) => {
    const { text } = await server.http.get(`/api/book.csv${query}`).buffer(true).expect(200);
    return new Set(Papa.parse<Record<string, string>>(text.trimEnd(), { header: true }).data.map((row) => row['swim']));
  };
  expect(await swims('?readers=people')).toEqual(new Set(["'=Reeds", '']));
  expect(await swims('')).toEqual(new Set(['=Reeds', '']));
});
