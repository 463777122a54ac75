import type { Meeting } from '@keeper/core/domain/meeting/meeting';
import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import { standingOf, type MeetingFish } from '@keeper/core/meetings/standing';
import { createRng } from '@keeper/core/statistics/rng';
import { quantile, report, timedRuns } from './figures.js';

const FISH = 5000;
const FROM_MS = Date.UTC(2026, 0, 1);

/** The list of a meeting over five thousand fish, of which some fail a rule and some were had before. */
export async function meetingListBench(): Promise<void> {
  const meeting: Meeting = {
    id: 'm',
    name: 'A long league',
    sort: 'league',
    kinds: ['pike', 'zander'],
    waterIds: [],
    fromAt: new Date(FROM_MS).toISOString(),
    toAt: new Date(FROM_MS + 365 * 86_400_000).toISOString(),
    by: 'length',
    best: 50,
    least: 600,
    upgradeBy: 5,
    lengthOf: null,
    identifier: 'Card 12',
    sentWithinH: 24,
    note: null,
  };
  const fish = manyFish();
  const times = await timedRuns(60, () =>
    standingOf(meeting, fish, { keeperId: FIRST_KEEPER, lengthHabit: 'cm', pounds: false }),
  );
  report(`meeting: the list over ${FISH} fish, p50`, quantile(times, 0.5), 'ms', 50);
  report(`meeting: the list over ${FISH} fish, p95`, quantile(times, 0.95), 'ms', 50);
}

function manyFish(): MeetingFish[] {
  const luck = createRng('a long league');
  return Array.from({ length: FISH }, (_, i) => {
    const startedAt = new Date(FROM_MS + i * 6_000_000).toISOString();
    return {
      captureId: `c${i}`,
      startedAt,
      outcome: 'released',
      species: luck.pick(['pike', 'zander', 'perch'] as const),
      waterId: 'w',
      fishId: luck.next() < 0.3 ? `f${luck.whole(0, 400)}` : null,
      keeperId: luck.next() < 0.1 ? null : FIRST_KEEPER,
      length: { unit: 'half-cm', count: luck.whole(90, 240), of: 'tip' },
      netGrams: null,
      putForward: luck.next() < 0.9 ? [{ meetingId: 'm', sha256: 's', at: startedAt, checks: [] }] : [],
    };
  });
}
