import type { Meeting } from '@keeper/core/domain/meeting/meeting';

/** A season of the demo keeper's own, and a round that fish are put forward to. */
export const MEETINGS: readonly Meeting[] = [
  {
    id: '01890a5d-0000-7000-8000-0e0000000001',
    name: 'My pike, by the tape',
    sort: 'own-season',
    kinds: ['pike'],
    waterIds: [],
    fromAt: '2025-09-01T00:00:00.000Z',
    toAt: '2027-03-14T23:59:00.000Z',
    by: 'length',
    best: 3,
    least: 635,
    upgradeBy: null,
    lengthOf: null,
    identifier: null,
    sentWithinH: null,
    note: 'The three longest since the autumn before last.',
  },
  {
    id: '01890a5d-0000-7000-8000-0e0000000002',
    name: 'Autumn round for the hatchery',
    sort: 'charity',
    kinds: ['pike', 'barbel'],
    waterIds: [],
    fromAt: '2026-09-01T05:00:00.000Z',
    toAt: '2026-12-06T18:00:00.000Z',
    by: 'length',
    best: 3,
    least: 508,
    upgradeBy: 6.35,
    lengthOf: null,
    identifier: 'The green card with a 7',
    sentWithinH: 48,
    note: null,
  },
];
