import type { Message } from '../measure/message.js';
import { HOUR_MS } from '../measure/timeSpan.js';
import { lengthMm } from '../measure/length.js';
import type { Meeting } from '../domain/meeting/meeting.js';
import type { PutForward } from '../domain/meeting/putForward.js';
import type { MeasuredFish } from '../domain/capture/measuredFish.js';
import { meetingMessage } from './meetingMessages.js';

/** A fish as a meeting looks at it. */
export type MeetingFish = Pick<
  MeasuredFish,
  'captureId' | 'startedAt' | 'outcome' | 'species' | 'waterId' | 'fishId' | 'keeperId' | 'length' | 'netGrams'
> & { readonly putForward: readonly PutForward[] };

/** A fish on the list, with what it measures: mm or grams. */
export interface Counted<F> {
  readonly fish: F;
  readonly value: number;
  /** It has to be put forward still, or it counts for nobody but the keeper; by when, in ms, where there is a limit. */
  readonly waits: { readonly untilMs: number | null } | null;
}

/** A fish that took the place of a smaller one. */
export interface Upgrade<F> {
  readonly fish: F;
  readonly replaced: F;
  readonly by: number;
}

/** How a meeting stands for the keeper. */
export interface Standing<F> {
  /** The best, largest first. */
  readonly counted: readonly Counted<F>[];
  readonly total: number;
  /** What of the total was put forward; all of it in a season of one's own. */
  readonly putForward: number;
  readonly upgrades: readonly Upgrade<F>[];
  /** Within the rules, and too small to count by now. */
  readonly smaller: readonly Counted<F>[];
  /** Each with the rules that it fails. */
  readonly failing: readonly { readonly fish: F; readonly fails: readonly Message[] }[];
  /** What the next fish must measure to count; null: any within the rules. */
  readonly nextMust: number | null;
}

/** Whose list it is, with the units for limits in words. */
export interface Entrant {
  readonly keeperId: string;
  readonly lengthHabit: 'in' | 'cm';
  readonly pounds: boolean;
}

/**
 * How a meeting stands: every fish that was taken in its time either counts, is smaller than those that do, or fails
 * rules that are named. One that was not put forward yet counts on the keeper's own list and says so. Fish count in the
 * order in which they were taken: the list fills, then each that is larger than
 * the smallest by what an upgrade asks takes its place.
 *
 * Example: best two by length; 80, 90 and 85 cm in that order count 90 and 85, and the 85 was an upgrade of 5 cm.
 */
export function standingOf<F extends MeetingFish>(meeting: Meeting, fish: readonly F[], entrant: Entrant): Standing<F> {
  const [fromMs, toMs] = [Date.parse(meeting.fromAt), Date.parse(meeting.toAt)];
  const inTime = fish
    .map((each) => ({ each, atMs: Date.parse(each.startedAt ?? '') }))
    .filter(({ each, atMs }) => atMs >= fromMs && atMs <= toMs && isFish(each))
    .sort((a, b) => a.atMs - b.atMs || (a.each.captureId < b.each.captureId ? -1 : 1))
    .map(({ each }) => each);
  const judged = inTime.map((each) => ({ fish: each, fails: failsOf(meeting, each, entrant) }));
  const valid = judged.filter(({ fails }) => fails.length === 0).map((each) => each.fish);
  const list: Counted<F>[] = [];
  const smaller: Counted<F>[] = [];
  const twice: F[] = [];
  const upgrades: Upgrade<F>[] = [];
  for (const each of valid) {
    const counted = { fish: each, value: valueOf(meeting, each) ?? 0, waits: waitsFor(meeting, each) };
    const own = list.findIndex((other) => other.fish.fishId !== null && other.fish.fishId === each.fishId);
    const before = own < 0 ? smallestOf(list) : list[own];
    if (own < 0 && list.length < meeting.best) {
      list.push(counted);
    } else if (before && counted.value > before.value && counted.value - before.value >= (meeting.upgradeBy ?? 0)) {
      list[list.indexOf(before)] = counted;
      upgrades.push({ fish: each, replaced: before.fish, by: counted.value - before.value });
      if (own < 0) smaller.push(before);
      else twice.push(before.fish);
    } else if (own < 0) {
      smaller.push(counted);
    } else {
      twice.push(each);
    }
  }
  list.sort((a, b) => b.value - a.value);
  return {
    counted: list,
    total: totalOf(list),
    putForward: totalOf(list.filter(({ waits }) => waits === null)),
    upgrades,
    smaller: smaller.sort((a, b) => b.value - a.value),
    failing: [
      ...judged.filter(({ fails }) => fails.length > 0),
      ...twice.map((each) => ({ fish: each, fails: [meetingMessage('sameFish')] })),
    ],
    nextMust: nextMust(meeting, list),
  };
}

function totalOf(list: readonly Counted<unknown>[]): number {
  return list.reduce((sum, { value }) => sum + value, 0);
}

function waitsFor(
  { id, sort, sentWithinH }: Meeting,
  { putForward, startedAt }: MeetingFish,
): Counted<unknown>['waits'] {
  if (sort === 'own-season' || putForward.some(({ meetingId }) => meetingId === id)) return null;
  return { untilMs: sentWithinH === null ? null : Date.parse(startedAt ?? '') + sentWithinH * HOUR_MS };
}

/** What one more fish of a size would add to the total. Example: with 80 as the smallest of a full list, 85 adds 5. */
export function worthOf(meeting: Meeting, { counted }: Pick<Standing<unknown>, 'counted'>, value: number): number {
  if (value < (meeting.least ?? 0)) return 0;
  if (counted.length < meeting.best) return value;
  const by = value - (counted.at(-1)?.value ?? 0);
  return by > 0 && by >= (meeting.upgradeBy ?? 0) ? by : 0;
}

function nextMust({ best, least, upgradeBy }: Meeting, list: readonly Counted<unknown>[]): number | null {
  if (list.length < best) return least;
  return (list.at(-1)?.value ?? 0) + (upgradeBy ?? 0);
}

/** Of equal ones the one that came last gives way. */
function smallestOf<F>(list: readonly Counted<F>[]): Counted<F> | undefined {
  return list.reduce<Counted<F> | undefined>(
    (least, each) => (!least || each.value <= least.value ? each : least),
    undefined,
  );
}

function isFish({ outcome }: MeetingFish): boolean {
  return outcome === 'released' || outcome === 'died';
}

/** What a fish measures for a meeting, as it was read: mm or grams; undefined where it was not. */
export function valueOf({ by }: Pick<Meeting, 'by'>, { length, netGrams }: Pick<MeetingFish, 'length' | 'netGrams'>) {
  return by === 'length' ? (length ? lengthMm(length) : undefined) : (netGrams ?? undefined);
}

/** The rules of a meeting that a fish fails, in the order in which they are asked. */
export function failsOf(meeting: Meeting, fish: MeetingFish, { keeperId, ...units }: Entrant): Message[] {
  const { kinds, waterIds, by, least, lengthOf } = meeting;
  const value = valueOf(meeting, fish);
  return [
    ...(fish.keeperId === keeperId ? [] : [meetingMessage('anotherAngler')]),
    ...(kinds.length > 0 && !(fish.species && kinds.includes(fish.species)) ? [meetingMessage('otherKind')] : []),
    ...(waterIds.length > 0 && !(fish.waterId && waterIds.includes(fish.waterId))
      ? [meetingMessage('otherWater')]
      : []),
    ...(fish.outcome === 'died' ? [meetingMessage('didNotLeave')] : []),
    ...(value === undefined ? [meetingMessage('notMeasured', { by })] : []),
    ...(by === 'length' && lengthOf && fish.length && fish.length.of !== lengthOf
      ? [meetingMessage('tailOtherwise', { lengthOf })]
      : []),
    ...(value !== undefined && least !== null && value < least
      ? [meetingMessage('tooSmall', { least, by, ...units })]
      : []),
    ...proofFails(meeting, fish),
  ];
}

function proofFails({ id, sort, sentWithinH }: Meeting, { putForward, startedAt }: MeetingFish): Message[] {
  if (sort === 'own-season') return [];
  const put = putForward.findLast(({ meetingId }) => meetingId === id);
  if (!put) return [];
  const late = sentWithinH !== null && Date.parse(put.at) - Date.parse(startedAt ?? '') > sentWithinH * HOUR_MS;
  return late && !put.lateWhy ? [meetingMessage('sentLate', { hours: sentWithinH })] : [];
}
