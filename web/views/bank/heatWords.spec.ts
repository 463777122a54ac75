import type { HeatMoment } from '@keeper/core/care/heatForecast';
import type { OutingAssessment } from '@keeper/core/planning/assessOuting';
import { dueNow } from './heatWords.js';

jest.mock('../../data/useOutingAssessment.js', () => ({ clockBetween: () => String }));

const due = (now: Partial<HeatMoment>, momentMs = 5) =>
  dueNow(
    {
      momentMs,
      heat: { matWarmMs: null, matBurnsMs: null, matDryMs: null, bucketWarmMs: null },
      moments: [{ atMs: 5, waterC: 20, matC: 25, bucketC: 21, face: 'up', ...now }],
    } as unknown as OutingAssessment,
    (tempC) => `${tempC}°`,
  );

test('nothing is due while mat and bucket are near the water', () => expect(due({})).toEqual([]));
test('a burning mat and a hot bucket are due, both', () => {
  expect(due({ matC: 44, bucketC: 24 })).toEqual([
    'The mat is burning hot now, at about 44°. Soak it, shade it, or turn it face down.',
    'Change the bucket: it is at about 24° against 20° in the lake.',
  ]);
});
test('what lies ahead is not due yet', () => expect(due({ matC: 44 }, 4)).toEqual([]));
