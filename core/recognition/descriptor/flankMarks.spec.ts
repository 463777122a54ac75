import { anatomyOf } from '../../domain/fish/anatomy.js';
import { LANDMARKS, type LandmarksPx } from '../../domain/fish/landmarks.js';
import { flankMarks } from './flankMarks.js';

/** A carp in a picture: turned, of a length, mirrored or not. */
function carp(lengthPx: number, turnRad: number, mirrored = false) {
  const place = (u: number, v: number) => {
    const [x, y] = [(mirrored ? -u : u) * lengthPx, v * lengthPx];
    return {
      x: 900 + x * Math.cos(turnRad) - y * Math.sin(turnRad),
      y: 600 + x * Math.sin(turnRad) + y * Math.cos(turnRad),
    };
  };
  const built = anatomyOf('carp-mirror', 1).landmarks;
  const landmarks = Object.fromEntries(LANDMARKS.map((name) => [name, place(built[name].u, built[name].v)]));
  return { landmarks: landmarks as unknown as LandmarksPx, place };
}

test.each([
  [800, 0, false],
  [300, 0.4, false],
  [800, -1.2, true],
])('a mark lies at its place on the flank: %d px long, turned by %d, mirrored %s', (lengthPx, turnRad, mirrored) => {
  const { landmarks, place } = carp(lengthPx, turnRad, mirrored);
  for (const [u, v] of [
    [0.4, -0.1],
    [0.6, 0.05],
    [0.85, 0],
  ] as const) {
    const [mark] = flankMarks(landmarks, [place(u, v)], 'carp-mirror');
    expect(mark?.u).toBeCloseTo(u, 2);
    expect(mark?.v).toBeCloseTo(v, 2);
  }
});

test('no marks are none, and points that all lie in one place give none', () => {
  const { landmarks, place } = carp(500, 0);
  expect(flankMarks(landmarks, [], 'carp-mirror')).toEqual([]);
  const one = Object.fromEntries(LANDMARKS.map((name) => [name, { x: 5, y: 5 }])) as unknown as LandmarksPx;
  expect(flankMarks(one, [place(0.5, 0)], 'carp-mirror')).toEqual([]);
});
