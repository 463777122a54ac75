import { Body, Equator, Horizon, Observer, SearchRiseSet } from 'astronomy-engine';
import { sunAt, sunDay } from './sun.js';

// Reda and Andreas (2004), Solar Position Algorithm for Solar Radiation Applications, NREL/TP-560-34302, worked example
// A.5: 2003-10-17,
// 12:30:30 at UTC-7, 39.742476 N, 105.1786 W: topocentric zenith 50.11162, azimuth 194.34024 degrees.
test('the worked example of the Solar Position Algorithm', () => {
  const sun = sunAt(Date.UTC(2003, 9, 17, 19, 30, 30), { latitudeDeg: 39.742476, longitudeDeg: -105.1786 });
  expect(Math.abs(90 - sun.altitudeDeg - 50.11162)).toBeLessThan(0.02);
  expect(Math.abs(sun.azimuthDeg - 194.34024)).toBeLessThan(0.02);
});

const PLACES = [
  { latitudeDeg: 46.712, longitudeDeg: -22.418 },
  { latitudeDeg: -41.3, longitudeDeg: 174.8 },
  { latitudeDeg: 0, longitudeDeg: 10 },
  { latitudeDeg: 60.2, longitudeDeg: 25 },
  { latitudeDeg: -33.9, longitudeDeg: -70.6 },
];

// The second library: astronomy-engine (D. Cross), which computes from VSOP87 and is checked against JPL Horizons.
test('a second library agrees on places, dates and hemispheres', () => {
  for (const place of PLACES) {
    const observer = new Observer(place.latitudeDeg, place.longitudeDeg, 0);
    for (let day = 0; day < 365; day += 13) {
      for (const hour of [1, 6, 11, 16, 21]) {
        const at = new Date(Date.UTC(2026, 0, 1 + day, hour));
        const { ra, dec } = Equator(Body.Sun, at, observer, true, true);
        const theirs = Horizon(at, observer, ra, dec, 'normal');
        const ours = sunAt(at.getTime(), place);
        if (theirs.altitude < -1) continue;
        // On the horizon itself the two bend the light by different rules.
        expect(Math.abs(ours.altitudeDeg - theirs.altitude)).toBeLessThan(theirs.altitude < 2 ? 0.2 : 0.05);
        // Near the zenith a small error of place is a large one of direction.
        const across = Math.abs(((ours.azimuthDeg - theirs.azimuth + 540) % 360) - 180);
        expect(across * Math.cos((theirs.altitude * Math.PI) / 180)).toBeLessThan(0.1);
      }
    }
  }
});

test('it agrees on rise and set within a minute', () => {
  for (const place of PLACES.slice(0, 3)) {
    const observer = new Observer(place.latitudeDeg, place.longitudeDeg, 0);
    for (const month of [0, 3, 6, 9]) {
      const day = sunDay(Date.UTC(2026, month, 15, 12), place);
      for (const [ours, direction] of [
        [day.riseMs, 1],
        [day.setMs, -1],
      ] as const) {
        const theirs = SearchRiseSet(Body.Sun, observer, direction, new Date((ours ?? 0) - 3_600_000), 1);
        expect(Math.abs((theirs?.date.getTime() ?? 0) - (ours ?? 0))).toBeLessThan(60_000);
      }
    }
  }
});

test('polar day and polar night have neither rise nor set, and break nothing', () => {
  const north = { latitudeDeg: 78.2, longitudeDeg: 15.6 };
  expect(sunDay(Date.UTC(2026, 5, 21, 12), north)).toMatchObject({ riseMs: null, setMs: null, always: 'up' });
  expect(sunDay(Date.UTC(2026, 11, 21, 12), north)).toMatchObject({ riseMs: null, setMs: null, always: 'down' });
  expect(sunAt(Date.UTC(2026, 11, 21, 12), { latitudeDeg: 90, longitudeDeg: 0 }).altitudeDeg).toBeLessThan(-20);
});
