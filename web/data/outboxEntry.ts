import type { Refusal, StoredEvent, StoredPicture, StoredRow } from './deviceStore.js';
import type { Verdict } from './verdict.js';

/** Anything that is kept on the device until the server has it. */
export type Sendable = StoredEvent | StoredPicture | StoredRow;
/** What came of sending it. */
export type Outcome = 'sent' | Exclude<Verdict, { kind: 'stop' }>;

export const orderOf = ({ order }: StoredEvent | StoredRow) => order;
export const shaOf = ({ sha256 }: StoredPicture) => sha256;
/** Bytes are named by their SHA-256: the same name is the same bytes. */
export const withoutBytes = ({ bytes: _bytes, ...rest }: StoredPicture) => rest;

/** By what an entry is known, however often it is read from the device. */
export function keyOf(each: Sendable): string {
  if ('sha256' in each) return each.sha256;
  return `${'event' in each ? 'event' : 'row'} ${each.order}`;
}

export function refused<T extends Sendable>(each: T, verdict: Exclude<Outcome, 'sent'>): T {
  const { problem } = verdict;
  return verdict.kind === 'never'
    ? { ...each, state: 'refused', verdict: 'never', problem, fields: verdict.fields }
    : { ...each, state: 'refused', verdict: 'later', problem };
}

export function withoutRefusal<T extends Refusal>(each: T): Omit<T, keyof Refusal> {
  const { problem: _problem, verdict: _verdict, fields: _fields, ...rest } = each;
  return rest;
}

export function replaced<T>(all: readonly T[], each: T, by: T): T[] {
  return all.map((one) => (one === each ? by : one));
}

/** What changed between two states, brought to one that has gone on meanwhile: an entry that was added then stays. */
export function newest<T>(state: readonly T[], before: readonly T[], now: readonly T[]): T[] {
  const became = new Map(before.map((each, i) => [each, now[i] ?? each]));
  return state.map((each) => became.get(each) ?? each);
}
