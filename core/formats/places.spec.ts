import { geoJson, readGeoJson } from './geoJson.js';
import { gpx, readGpx } from './gpx.js';
import type { MappedPlace } from './places.js';

const MERE: MappedPlace = {
  id: 'w1',
  kind: 'water',
  name: 'Mere & "Pit" <old>',
  of: null,
  note: 'Line one.\nLine two.',
  position: { latitudeDeg: 51.5, longitudeDeg: -0.25 },
};
const GATE: MappedPlace = { ...MERE, id: 's1', kind: 'swim', name: 'Reed gate', of: MERE.name, note: null };

test('GeoJSON puts the longitude first (RFC 7946, 3.1.1), and comes back as it left', () => {
  const text = geoJson([MERE, GATE]);
  expect(JSON.parse(text)).toMatchObject({
    type: 'FeatureCollection',
    features: [{ type: 'Feature', id: 'w1', geometry: { type: 'Point', coordinates: [-0.25, 51.5] } }, { id: 's1' }],
  });
  expect(readGeoJson(text)).toEqual({ ok: true, value: { places: [MERE, GATE], leftOut: 0 } });
});

test('GPX comes back as it left, but for the ids that it has no place for', () => {
  const read = readGpx(gpx([MERE, GATE]));
  expect(read).toEqual({
    ok: true,
    value: { places: [MERE, GATE].map((place) => ({ ...place, id: null })), leftOut: 0 },
  });
});

// Of the example of RFC 7946, 1.5: a point, a line and an area, of which the point is taken.
test('of a map with lines and areas the points are taken, and the others counted', () => {
  const features = [
    { type: 'Feature', geometry: { type: 'Point', coordinates: [102, 0.5] }, properties: { prop0: 'value0' } },
    {
      type: 'Feature',
      geometry: {
        type: 'LineString',
        coordinates: [
          [102, 0],
          [103, 1],
        ],
      },
      properties: {},
    },
    { type: 'Feature', geometry: { type: 'Polygon', coordinates: [] }, properties: {} },
    { type: 'Feature', geometry: null, properties: { name: 'Nowhere' } },
  ];
  const read = readGeoJson(JSON.stringify({ type: 'FeatureCollection', features }));
  expect(read).toMatchObject({ ok: true, value: { places: [{ name: '', kind: null }], leftOut: 3 } });
});

test.each([
  [90, 180, 1],
  [90.001, 0, 0],
  [-90, -180, 1],
  [0, 180.001, 0],
])('latitude %d and longitude %d: %d places', (latitudeDeg, longitudeDeg, count) => {
  const place = { ...MERE, position: { latitudeDeg, longitudeDeg } };
  for (const read of [readGeoJson(geoJson([place])), readGpx(gpx([place]))])
    expect(read.ok && read.value.places).toHaveLength(count);
});

test('waypoints of another program are taken with their words, tracks are left', () => {
  const text = `<?xml version="1.0"?><gpx version="1.0" creator="x" xmlns="http://www.topografix.com/GPX/1/0">
    <wpt lat="51.1" lon="-2.5"><name> Peg 12 </name><cmt>Snags</cmt><sym>Flag</sym></wpt>
    <wpt lat="" lon="-2.5"><name>007</name></wpt>
    <trk><trkseg><trkpt lat="1" lon="1"/></trkseg></trk></gpx>`;
  expect(readGpx(text)).toEqual({
    ok: true,
    value: {
      places: [
        {
          id: null,
          kind: null,
          name: 'Peg 12',
          of: null,
          note: 'Snags',
          position: { latitudeDeg: 51.1, longitudeDeg: -2.5 },
        },
      ],
      leftOut: 1,
    },
  });
});

test.each(['', 'no map', '{"type":"Topology"}', '[]'])('%j is no GeoJSON', (text) =>
  expect(readGeoJson(text)).toMatchObject({ ok: false, reason: { code: 'places.notGeoJson' } }),
);
test.each([
  '',
  '<html/>',
  '<gpx><wpt></gpx>',
  '<!DOCTYPE gpx [<!ENTITY a "aaaaaaaa">]><gpx><wpt lat="1" lon="1"><name>&a;</name></wpt></gpx>',
])('%j is no GPX that is taken', (text) =>
  expect(readGpx(text)).toMatchObject({ ok: false, reason: { code: 'places.notGpx' } }),
);
test('a GPX file without waypoints has no places', () =>
  expect(readGpx('<gpx version="1.1"></gpx>')).toEqual({ ok: true, value: { places: [], leftOut: 0 } }));
