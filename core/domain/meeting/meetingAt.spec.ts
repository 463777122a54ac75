import { DEFAULT_PRACTICES } from '../practice/bankPractices.js';
import type { Meeting } from './meeting.js';
import { meetingAt, practicesFor } from './meetingAt.js';

const CLUB_DAY: Meeting = {
  id: 'club',
  name: 'Club day',
  sort: 'club-day',
  kinds: ['pike'],
  waterIds: ['mere'],
  fromAt: '2026-11-30T06:00:00Z',
  toAt: '2026-11-30T20:00:00Z',
  by: 'length',
  best: 2,
  least: null,
  upgradeBy: null,
  lengthOf: null,
  identifier: 'green band 17',
  sentWithinH: null,
  note: null,
};
const SEASON: Meeting = { ...CLUB_DAY, id: 'season', sort: 'own-season', kinds: [], waterIds: [], by: 'weight' };
const at = (time: string, species: 'pike' | 'carp' | null = 'pike', waterId: string | null = 'mere') => ({
  atMs: Date.parse(`2026-11-30T${time}Z`),
  species,
  waterId,
});

test.each([
  ['a moment before it', at('05:59:59.999'), undefined],
  ['when it begins', at('06:00:00'), 'club'],
  ['when it ends', at('20:00:00'), 'club'],
  ['a moment after it', at('20:00:00.001'), undefined],
  ['of another species', at('07:00:00', 'carp'), undefined],
  ['of a species that nobody said yet', at('07:00:00', null), 'club'],
  ['at another water', at('07:00:00', 'pike', 'canal'), undefined],
  ['at a water that nobody said yet', at('07:00:00', 'pike', null), 'club'],
] as const)('a fish %s', (_, fish, id) => {
  expect(meetingAt([CLUB_DAY], fish)?.id).toBe(id);
});

test('one among others goes before a season of one’s own, which has the rest', () => {
  expect(meetingAt([SEASON, CLUB_DAY], at('07:00:00'))?.id).toBe('club');
  expect(meetingAt([SEASON, CLUB_DAY], at('07:00:00', 'carp'))?.id).toBe('season');
});

test('what a meeting goes by is read, whatever the keeper is used to', () => {
  const none = { ...DEFAULT_PRACTICES, weigh: false, measure: false, picture: false };
  expect(practicesFor(none, undefined)).toBe(none);
  expect(practicesFor(none, CLUB_DAY)).toEqual({ ...none, measure: true, picture: true });
  expect(practicesFor(none, SEASON)).toEqual({ ...none, weigh: true });
});
