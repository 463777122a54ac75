import { clearSkyWm2, irradianceAt } from './irradiance.js';

// Expected values of the test of `haurwitz` in pvlib-python, a reference library for solar energy, by elevation; from
// memory, and worked
// again by hand: 1098 x sin(30) x exp(-0.059 / 0.5) = 549 x 0.8887 = 487.9.
test.each([
  [-20, 0],
  [0, 0],
  [5, 48.6298687941956],
  [10, 135.741748091813],
  [30, 487.894132885425],
  [50, 778.766689344363],
  [90, 1035.0920325345],
])('a clear sky with the sun at %s degrees gives %s W/m2', (altitude, wm2) => {
  expect(clearSkyWm2(altitude)).toBeCloseTo(wm2, 6);
});

// Kasten and Czeplak (1980): G(8) / G(0) = 0.25; at half cover 1 - 0.75 x 0.5^3.4 = 0.929; diffuse share 0.3 at clear,
// 1 at overcast.
test('clouds take away and scatter', () => {
  const total = (octas: number) => {
    const { beamWm2, diffuseWm2 } = irradianceAt(50, octas);
    return { share: (beamWm2 + diffuseWm2) / clearSkyWm2(50), diffuse: diffuseWm2 / (beamWm2 + diffuseWm2) };
  };
  expect(total(0)).toEqual({ share: 1, diffuse: expect.closeTo(0.3, 9) });
  expect(total(4).share).toBeCloseTo(0.929, 3);
  expect(total(8)).toEqual({ share: 0.25, diffuse: expect.closeTo(1, 9) });
  expect(irradianceAt(50, 11)).toEqual(irradianceAt(50, 8));
});
