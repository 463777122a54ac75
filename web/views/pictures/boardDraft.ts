import { boardLength, lengthByReference, type BoardMark, type BoardReading } from '@keeper/core/pictures/boardLength';
import type { PicturedLength } from '@keeper/core/domain/capture/pictureReading';
import type { Pixel } from '@keeper/core/geometry/pixel';
import { markOf, nextMarkText, unitMm } from './boardMarks.js';

export type BoardTarget = 'mark' | 'nose' | 'tail';

/** Scale from: the marks of a board, or the two ends of a thing whose length is known. */
export type ScaleBy = 'board' | 'thing';

/** What has been tapped of a board so far. */
export interface BoardDraft {
  readonly by: ScaleBy;
  readonly marks: readonly BoardMark[];
  readonly nose?: Pixel;
  readonly tail?: Pixel;
  readonly target: BoardTarget;
  /** What stands at the mark that is tapped next, or how long the thing is, as typed. */
  readonly nextMark: string;
  /** Whether inches stand on the board; else centimetres. */
  readonly inches: boolean;
}

/** What was tapped before, in the unit it was set in; else a beginning in the keeper's own. */
export function draftOf(length: PicturedLength | null | undefined, habit: boolean): BoardDraft {
  const inches = length?.inches ?? habit;
  if (length?.marks.length === 2) {
    const long = (length.marks[1]?.atMm ?? 0) / unitMm(inches);
    return { ...length, by: 'thing', inches, target: 'nose', nextMark: String(Number(long.toFixed(2))) };
  }
  return length
    ? {
        ...length,
        by: 'board',
        inches,
        target: 'mark',
        nextMark: nextMarkText(
          length.marks.map(({ atMm }) => atMm),
          inches,
        ),
      }
    : { by: 'board', marks: [], inches, target: 'mark', nextMark: '0' };
}

/**
 * A tap on the picture: it places what is to be tapped next, and after three marks nose and tail follow by themselves.
 */
export function tapped(draft: BoardDraft, at: Pixel): BoardDraft {
  const { inches } = draft;
  if (draft.target === 'nose') return { ...draft, nose: at, target: draft.tail ? 'mark' : 'tail' };
  if (draft.target === 'tail') return { ...draft, tail: at, target: draft.nose ? 'mark' : 'nose' };
  const atMm = markOf(draft.nextMark, inches);
  if (atMm === undefined) return draft;
  if (draft.by === 'thing') {
    if (draft.marks.length !== 1) return { ...draft, marks: [{ atMm: 0, pixel: at }] };
    return { ...draft, marks: [...draft.marks, { atMm, pixel: at }], target: draft.nose ? 'mark' : 'nose' };
  }
  const marks = [...draft.marks.filter((mark) => mark.atMm !== atMm), { atMm, pixel: at }];
  return {
    ...draft,
    marks,
    nextMark: nextMarkText(
      marks.map((mark) => mark.atMm),
      inches,
    ),
  };
}

/** Moves a point that was tapped. Example: `moved(draft, 'nose', at)`, or `'mark 2'` for the third mark. */
export function moved(draft: BoardDraft, id: string, to: Pixel): BoardDraft {
  if (id === 'nose' || id === 'tail') return { ...draft, [id]: to };
  return { ...draft, marks: draft.marks.map((mark, i) => (id === `mark ${i}` ? { ...mark, pixel: to } : mark)) };
}

/** How far a tap is off with the glass over it, as a share of the picture's width (common practice, no source). */
const TAP_SHARE = 0.0008;

export function readDraft({ by, marks, nose, tail }: BoardDraft, widthPx: number): BoardReading | undefined {
  if (!nose || !tail) return undefined;
  const taps = { nose, tail, tapPx: TAP_SHARE * widthPx };
  if (by === 'board') return marks.length >= 3 ? boardLength({ marks, ...taps }) : undefined;
  const [one, other] = marks;
  return one && other ? lengthByReference({ lengthMm: other.atMm, ends: [one.pixel, other.pixel] }, taps) : undefined;
}

/** What a draft comes to, as it goes into the log; undefined while it comes to nothing. `widthPx` of the picture. */
export function lengthOn(draft: BoardDraft, widthPx: number | undefined): { length: PicturedLength } | undefined {
  const { marks, nose, tail, inches } = draft;
  const read = widthPx === undefined ? undefined : readDraft(draft, widthPx);
  if (!read?.ok || !nose || !tail) return undefined;
  const { lengthMm, uMm } = read.value;
  return { length: { marks, nose, tail, inches, lengthMm, uMm } };
}

/**
 * Whether two drafts differ in nothing that was tapped: what is to be tapped next, and a number that is being typed,
 * are no step.
 */
export function hasSameTaps(one: BoardDraft, other: BoardDraft): boolean {
  return (
    (['by', 'inches', 'nose', 'tail'] as const).every((name) => one[name] === other[name]) && sameMarks(one, other)
  );
}

function sameMarks({ marks: one }: BoardDraft, { marks: other }: BoardDraft): boolean {
  return (
    one.length === other.length &&
    one.every(({ atMm, pixel }, i) => atMm === other[i]?.atMm && pixel === other[i].pixel)
  );
}

/** From the one way of telling the scale to the other: nose and tail stay, what was tapped for the scale goes. */
export function scaledBy(draft: BoardDraft, by: ScaleBy): BoardDraft {
  return draft.by === by ? draft : { ...draft, by, marks: [], target: 'mark', nextMark: by === 'thing' ? '' : '0' };
}

/** How long the thing is, typed anew: its far end moves with it. */
export function longThing(draft: BoardDraft, nextMark: string): BoardDraft {
  const atMm = markOf(nextMark, draft.inches);
  const marks = draft.marks.map((mark, i) => (i === 1 && atMm !== undefined ? { ...mark, atMm } : mark));
  return { ...draft, nextMark, marks };
}

/** The same taps on a board of the other unit: what stood at each mark stays, what it means changes. */
export function inUnit(draft: BoardDraft, inches: boolean): BoardDraft {
  if (draft.inches === inches) return draft;
  const by = inches ? 2.54 : 1 / 2.54;
  return { ...draft, inches, marks: draft.marks.map(({ atMm, pixel }) => ({ atMm: atMm * by, pixel })) };
}
