import { replay } from '../domain/capture/replay.js';
import { summaryOf } from '../domain/capture/summary.js';
import { cleanCapture } from '../spec/events.js';
import { knownFish } from '../domain/identity/knownFish.js';
import { recaptureIncrements } from './recaptureIncrements.js';

const catchOf = (fishId: string, startedAt: string, lengthMm: number | null, waterId = 'mere') => ({
  ...summaryOf(replay('c', cleanCapture())),
  captureId: `${fishId} ${startedAt}`,
  fishId,
  startedAt,
  lengthMm,
  waterId,
});

test('each fish once, from its first length at the water to its last; too soon again, and other waters, are left out', () => {
  const fish = knownFish([
    catchOf('a', '2024-05-01', 700),
    catchOf('a', '2025-05-01', 720),
    catchOf('a', '2026-05-01', 735),
    catchOf('a', '2026-06-01', null),
    catchOf('b', '2026-05-01', 650),
    catchOf('b', '2026-06-01', 655),
    catchOf('c', '2024-05-01', 600),
    catchOf('c', '2026-05-01', 640, 'pit'),
  ]);
  const found = recaptureIncrements(fish, 'mere');
  expect(found).toEqual([{ firstMm: 700, secondMm: 735, years: expect.closeTo(2, 2) as number }]);
  expect(recaptureIncrements(fish, 'pit')).toEqual([]);
});
