import { emptyCapture, type CaptureState } from '../domain/capture/captureState.js';
import { poundsOunces } from '../measure/mass.js';
import { entryOf, type EntryBeside, type OtherFish } from './entryOf.js';

const startedAt = '2026-06-01T05:00:00.000Z';
const ALONE: EntryBeside = { weighed: [], captures: [], scales: undefined, sling: undefined };
const weight = { asRead: poundsOunces(22, 0), method: 'zeroed' as const };

function fish(more: Partial<CaptureState> = {}): CaptureState {
  return { ...emptyCapture('c1'), startedAt, facts: { species: 'carp', weight }, ...more };
}
const other = (captureId: string, at: string, more: Partial<OtherFish> = {}): OtherFish => ({
  captureId,
  startedAt: at,
  species: 'carp',
  lengthMm: 700,
  grams: 8000,
  ...more,
});
const tapped = (...types: ('weighed' | 'zeroed')[]) =>
  fish({ marks: types.map((type, i) => ({ eventId: `e${i}`, type, atMs: 1000 * i })) });

test('nothing read, nothing to look at', () => {
  expect(entryOf(fish({ facts: { species: 'carp' } }), ALONE)).toBeUndefined();
  expect(entryOf(fish(), ALONE)).toMatchObject({ reading: { asRead: weight.asRead }, own: [], lengthMm: null });
});

test('the fish itself is no fish beside it, one of no kind teaches nothing, and the last before it is the one before', () => {
  const weighed = [
    other('later', '2026-06-01T06:00:00.000Z'),
    other('c1', startedAt),
    other('last', '2026-06-01T04:00:00.000Z', { grams: 9979, species: null }),
    other('first', '2026-05-01T04:00:00.000Z'),
  ];
  const entry = entryOf(fish(), { ...ALONE, weighed });
  expect(entry?.own).toHaveLength(2);
  expect(entry?.before).toEqual({ grams: 9979, lengthMm: 700 });
});

test('its own earlier weights count by their days; this one, and what was not weighed, do not', () => {
  const captures = [
    { captureId: 'a', startedAt: '2026-05-22T05:00:00.000Z', netGrams: 9000 },
    { captureId: 'b', startedAt: '2026-05-22T05:00:00.000Z', netGrams: null },
    { captureId: 'c1', startedAt, netGrams: 9979 },
  ];
  expect(entryOf(fish(), { ...ALONE, captures })?.history).toEqual([{ grams: 9000, daysAgo: 10 }]);
  expect(entryOf(fish(), ALONE)?.history).toBeUndefined();
});

test.each([
  ['nothing was tapped: nothing could have told', fish(), undefined],
  ['weighed, and no zero tapped', tapped('weighed'), false],
  ['zeroed and weighed', tapped('zeroed', 'weighed'), true],
])('the zero: %s', (_, state, zeroSeen) => {
  expect(entryOf(state, ALONE)?.zeroSeen).toBe(zeroSeen);
});

test('scale and sling of the kit give the step and the wet tare', () => {
  const division = { unit: 'oz' as const, count: 2 };
  const scales = { id: 's', scale: { division, scaleClass: 'III' as const, checks: [] }, tares: [] };
  const tare = { at: startedAt, wet: true, mass: { unit: 'g' as const, count: 800 } };
  const entry = entryOf(fish(), { ...ALONE, scales, sling: { id: 'k', tares: [tare] } });
  expect(entry?.division).toEqual(division);
  expect(entry?.slingGrams).toBeGreaterThan(700);
  expect(entryOf(fish(), { ...ALONE, sling: { id: 'k', tares: [] } })?.slingGrams).toBeUndefined();
});
