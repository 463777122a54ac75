import { distanceM, nearestWater } from './nearestWater.js';

const at = (latitudeDeg: number, longitudeDeg: number) => ({ latitudeDeg, longitudeDeg });

// One degree of a great circle is 2 pi R / 360 by definition; along a parallel it shrinks with the cosine of the
// latitude.
test('a degree of latitude, and one of longitude at sixty degrees, north and south', () => {
  expect(distanceM(at(51, 0), at(52, 0))).toBeCloseTo(111_195.08, 0);
  expect(distanceM(at(60, 10), at(60, 11)) / 111_195.08).toBeCloseTo(0.5, 3);
  expect(distanceM(at(-60, 10), at(-60, 11)) / 111_195.08).toBeCloseTo(0.5, 3);
});

test('over the date line and the equator it is the short way', () => {
  expect(distanceM(at(0, 179.5), at(0, -179.5))).toBeCloseTo(111_195.08, 0);
  expect(distanceM(at(0.5, 20), at(-0.5, 20))).toBeCloseTo(111_195.08, 0);
});

test('half around the Earth is half its girth', () =>
  expect(distanceM(at(90, 0), at(-90, 0))).toBeCloseTo(Math.PI * 6_371_008.8, 0));

test('the nearest water is taken, one without a place never, and none from far away', () => {
  const waters = [
    { name: 'far', position: at(52, -1.5) },
    { name: 'near', position: at(52.03, -1.5) },
    { name: 'nowhere', position: null },
  ];
  expect(nearestWater(waters, at(52.02, -1.5))?.name).toBe('near');
  expect(nearestWater(waters, at(51.5, -0.1))).toBeUndefined();
  expect(nearestWater([], at(52, -1.5))).toBeUndefined();
});
