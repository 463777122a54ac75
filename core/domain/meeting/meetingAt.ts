import type { SpeciesId } from '../fish/species.js';
import type { BankPractices } from '../practice/bankPractices.js';
import type { Meeting } from './meeting.js';

/** A fish that may count: what is not known yet is left open. */
export interface FishNow {
  readonly atMs: number;
  readonly species: SpeciesId | null;
  readonly waterId: string | null;
}

/**
 * The meeting that a fish of this moment may count in; one among others before a season of one's own. A kind or a water
 * that is not known yet may be one that counts.
 *
 * @example
 * meetingAt([clubDay], { atMs: Date.parse(clubDay.fromAt), species: 'pike', waterId: null }); // clubDay
 */
export function meetingAt<M extends Meeting>(
  meetings: readonly M[],
  { atMs, species, waterId }: FishNow,
): M | undefined {
  const counts = ({ fromAt, toAt, kinds, waterIds }: M) =>
    atMs >= Date.parse(fromAt) &&
    atMs <= Date.parse(toAt) &&
    (species === null || kinds.length === 0 || kinds.includes(species)) &&
    (waterId === null || waterIds.length === 0 || waterIds.includes(waterId));
  const going = meetings.filter(counts);
  return going.find(({ sort }) => sort !== 'own-season') ?? going[0];
}

/** The keeper's ways with a fish that may count: what the meeting goes by is read, and pictured where it is sent. */
export function practicesFor(
  own: BankPractices,
  meeting: Pick<Meeting, 'by' | 'sort'> | null | undefined,
): BankPractices {
  if (!meeting) return own;
  return {
    ...own,
    ...(meeting.by === 'length' ? { measure: true } : { weigh: true }),
    ...(meeting.sort !== 'own-season' && { picture: true }),
  };
}
