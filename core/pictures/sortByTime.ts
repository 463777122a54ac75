import type { BankTimes, CaptureSpan } from './bankTimes.js';
import { nameWeight } from './nameWeight.js';
import { MINUTE_MS } from '../measure/timeSpan.js';

/** A picture off the card, with when its camera says that it was taken. */
export interface CardPicture {
  readonly sha256: string;
  /** Null where the camera wrote no date. */
  readonly takenMs: number | null;
  /** Of the moment only the day is known: it stands in the name of the file. */
  readonly dayOnly?: boolean;
  readonly name?: string;
}

/** Pictures that belong together. */
export interface PictureGroup {
  /** The fish that they are of; null for a fish that is not in the book, or for no fish at all. */
  readonly captureId: string | null;
  /** So many fish of the book may be theirs, of which none more than the others: the keeper says which. */
  readonly perhaps: number;
  readonly pictures: readonly CardPicture[];
}

export interface SortedCard {
  readonly groups: readonly PictureGroup[];
  /** No date: the keeper says where they belong. */
  readonly undated: readonly CardPicture[];
  /** Dated after today. */
  readonly future: readonly CardPicture[];
  /** In the book already, at this fish or another. */
  readonly known: readonly CardPicture[];
  /** By how much the camera's clock is taken to be behind, in ms. */
  readonly clockOffMs: number;
}

/** A longer pause than this between pictures is another fish (common practice, no source). */
const PAUSE_MS = 15 * MINUTE_MS;
/** Clocks are set wrongly by zones and summer time: by half hours, up to fourteen hours. */
const ZONES_MS = Array.from({ length: 57 }, (_, i) => (i - 28) * 30 * MINUTE_MS);

/**
 * Sorts pictures off a card to the fish that were on the bank when they were taken. When the camera's clock is off by
 * half hours and most pictures would fall to fish at that offset, it is set right by it. Pictures of no fish that is
 * known are put together by time. Where no fish was timed then, the only one of that day is taken, or the one whose
 * weight stands in the name of the file. `nowMs` is the present: later ones are not believed. Nothing is attached here;
 * it is a proposal. Example: three pictures two minutes after a take go to that fish, two from the next morning form a
 * group of their own.
 */
export function sortByTime(
  pictures: readonly CardPicture[],
  bank: BankTimes,
  nowMs: number,
  dayOf: (atMs: number) => string = (atMs) => new Date(atMs).toISOString().slice(0, 10),
): SortedCard {
  const unlike = new Map(pictures.map((picture) => [picture.sha256, picture]));
  const known = [...unlike.values()].filter(({ sha256 }) => bank.has(sha256));
  const fresh = [...unlike.values()].filter(({ sha256 }) => !bank.has(sha256));
  const dated = fresh.filter((picture) => picture.takenMs !== null);
  const clockOffMs = clockOff(
    dated.filter(({ dayOnly }) => !dayOnly),
    bank,
  );
  const takenMs = ({ takenMs: atMs, dayOnly }: CardPicture) => (atMs ?? 0) + (dayOnly ? 0 : clockOffMs);
  const future = dated.filter((picture) => takenMs(picture) > nowMs + MINUTE_MS);
  const groups: { captureId: string | null; perhaps: number; lastMs: number; pictures: CardPicture[] }[] = [];
  for (const picture of dated.filter((each) => !future.includes(each)).toSorted((a, b) => takenMs(a) - takenMs(b))) {
    const atMs = takenMs(picture);
    const timed = picture.dayOnly ? undefined : bank.at(atMs);
    const ofDay = bank.onDay(dayOf(atMs), { untimed: !picture.dayOnly });
    const captureId = (timed ?? onlyOne(picture, ofDay))?.captureId ?? null;
    const open = captureId
      ? groups.find((group) => group.captureId === captureId)
      : groups.findLast((group) => group.captureId === null && atMs - group.lastMs <= PAUSE_MS);
    if (open) {
      open.pictures.push(picture);
      open.lastMs = atMs;
      open.perhaps = Math.max(open.perhaps, captureId === null ? ofDay.length : 0);
    } else {
      groups.push({ captureId, perhaps: captureId === null ? ofDay.length : 0, lastMs: atMs, pictures: [picture] });
    }
  }
  return {
    groups: groups.map(({ captureId, perhaps, pictures: of }) => ({ captureId, perhaps, pictures: of })),
    undated: fresh.filter((picture) => picture.takenMs === null),
    future,
    known,
    clockOffMs,
  };
}

/** A weight in a name is that of a fish when they are so near to each other: a step of a dial (common practice). */
const SAME_WEIGHT_GRAMS = 120;

/** Of the fish of its day the one that a picture can only be of; undefined where there are several, or none. */
function onlyOne({ name }: CardPicture, there: readonly CaptureSpan[]): CaptureSpan | undefined {
  const named = name === undefined ? undefined : nameWeight(name);
  const ofWeight =
    named === undefined
      ? []
      : there.filter(({ grams }) => typeof grams === 'number' && Math.abs(grams - named) <= SAME_WEIGHT_GRAMS);
  if (ofWeight.length === 1) return ofWeight[0];
  return there.length === 1 && (named === undefined || there[0]?.grams === null) ? there[0] : undefined;
}

/** The offset at which most pictures fall to fish; nothing unless it clearly helps. */
function clockOff(dated: readonly CardPicture[], bank: BankTimes): number {
  const falling = (offMs: number) =>
    dated.filter(({ takenMs }) => bank.at((takenMs ?? 0) + offMs) !== undefined).length;
  const asItIs = falling(0);
  if (asItIs >= 0.5 * dated.length) return 0;
  const best = ZONES_MS.map((offMs) => ({ offMs, count: falling(offMs) })).toSorted(
    (a, b) => b.count - a.count || Math.abs(a.offMs) - Math.abs(b.offMs),
  )[0];
  return best && best.count >= 3 && best.count >= 0.7 * dated.length && best.count >= 2 * asItIs ? best.offMs : 0;
}
