import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import type { OutingSummary } from '@keeper/core/domain/outing/outingState';
import { seasonOf } from './seasonOf.js';

const fish = (captureId: string, more: Partial<CaptureSummary>) =>
  ({
    captureId,
    outcome: 'released',
    species: 'carp',
    kindName: null,
    netGrams: null,
    fishId: null,
    outingId: null,
    pictures: [],
    ...more,
  }) as unknown as CaptureSummary;
const outing = (outingId: string, more: Partial<OutingSummary> = {}) =>
  ({
    outingId,
    fromMs: new Date(2025, 5, 1).getTime(),
    endedAt: '2025-06-01T12:00:00.000Z',
    calledOff: false,
    fished: [{ rodMs: 5_400_000 }],
    ...more,
  }) as unknown as OutingSummary;
const picture = [{ sha256: 'a', role: null, view: null }];

test('what was landed, lost and blank is told apart, and rods add up', () => {
  const rows = [
    ...[fish('a', { outingId: 'o1' }), fish('b', { outcome: 'died' })],
    ...[fish('c', { outcome: 'lost', outingId: 'o2' }), fish('d', { outcome: 'open' })],
  ];
  const outings = [
    ...[outing('o1'), outing('o2'), outing('o3')],
    ...[outing('off', { calledOff: true }), outing('runs on', { endedAt: null })],
    outing('last year', { fromMs: new Date(2024, 11, 31, 23, 59).getTime() }),
  ];
  const season = seasonOf(rows, outings, '2025');
  expect(season.landed.map(({ captureId }) => captureId)).toEqual(['a', 'b']);
  // 1.5 h three times are 4.5 h.
  expect(season).toMatchObject({ lost: 1, blanks: 1, rodHours: 5 });
  expect(season.outings).toHaveLength(3);
});

test('the best of each kind stands once, and each known fish shows one face', () => {
  const rows = [
    fish('light', { netGrams: 5000, pictures: picture, fishId: 'Notch' }),
    fish('heavy', { netGrams: 9000, pictures: picture, fishId: 'Notch' }),
    fish('pike', { species: 'pike', netGrams: 7000, pictures: picture }),
    fish('grayling', { species: 'other', kindName: 'Grayling', netGrams: 900 }),
    fish('roach', { species: 'other', kindName: 'Roach', netGrams: 800 }),
    fish('not weighed', { pictures: picture }),
  ];
  const { bests, faces } = seasonOf(rows, [], '2025');
  expect(bests.map(({ captureId }) => captureId)).toEqual(['heavy', 'pike', 'grayling', 'roach']);
  expect(faces.map(({ captureId }) => captureId)).toEqual(['heavy', 'pike']);
});

test('no more faces than fit', () => {
  const rows = Array.from({ length: 12 }, (_, i) => fish(String(i), { netGrams: 100 + i, pictures: picture }));
  expect(seasonOf(rows, [], '2025').faces).toHaveLength(8);
});
