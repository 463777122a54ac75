import { isOnFish } from './flankPoint.js';
import { fishDrawing } from './drawing.js';
import { SPECIES_IDS } from './species.js';

test.each([...SPECIES_IDS, null])(
  '%s is drawn within the flank frame, from snout to fork, closed and with its fins',
  (species) => {
    const { back, belly, finsBehind, finsOver, eye, gill } = fishDrawing(species);
    const body = [...back, ...belly];
    const all = [...body, ...finsBehind.flat(), ...finsOver.flat(), ...gill];
    expect(all.filter((point) => !isOnFish(point))).toEqual([]);
    expect(Math.min(...body.map(({ u }) => u))).toBe(0);
    expect(Math.max(...body.map(({ u }) => u))).toBe(1);
    expect(finsBehind.length + finsOver.length).toBeGreaterThanOrEqual(5);
    expect(eye.u).toBeLessThan(gill[6]?.u ?? 0);
  },
);

test('kinds can be told apart: a bream is deep, a pike has its back fin far behind, a perch has two', () => {
  const depth = (species: 'bream' | 'pike') => Math.max(...fishDrawing(species).belly.map(({ v }) => v));
  expect(depth('bream')).toBeGreaterThan(depth('pike') * 1.5);
  const onBack = (species: 'pike' | 'perch' | 'carp') =>
    fishDrawing(species).finsBehind.filter((fin) => Math.max(...fin.map(({ v }) => v)) < 0);
  expect(Math.min(...(onBack('pike')[0] ?? []).map(({ u }) => u))).toBeGreaterThan(0.7);
  expect([onBack('carp').length, onBack('perch').length]).toEqual([1, 2]);
});
