import { boardLength, type BoardMark, type BoardReading } from '@keeper/core/picture/boardLength';
import type { PicturedLength } from '@keeper/core/picture/pictureReading';
import type { Pixel } from '@keeper/core/picture/pixel';
import { markOf, nextMarkText } from './boardMarks.js';

export type BoardTarget = 'mark' | 'nose' | 'tail';

/** What has been tapped of a board so far. */
export interface BoardDraft {
  readonly marks: readonly BoardMark[];
  readonly nose?: Pixel;
  readonly tail?: Pixel;
  readonly target: BoardTarget;
  /** What stands at the mark that is tapped next, as typed. */
  readonly nextMark: string;
  /** Whether inches stand on the board; else centimetres. */
  readonly inches: boolean;
}

export function draftOf(length: PicturedLength | null | undefined, inches: boolean): BoardDraft {
  return length
    ? {
        ...length,
        inches,
        target: 'mark',
        nextMark: nextMarkText(
          length.marks.map(({ atMm }) => atMm),
          inches,
        ),
      }
    : { marks: [], inches, target: 'mark', nextMark: '0' };
}

/** A tap on the picture: it places what is to be tapped next, and after three marks nose and tail follow by themselves. */
export function tapped(draft: BoardDraft, at: Pixel): BoardDraft {
  const { inches } = draft;
  if (draft.target === 'nose') return { ...draft, nose: at, target: draft.tail ? 'mark' : 'tail' };
  if (draft.target === 'tail') return { ...draft, tail: at, target: draft.nose ? 'mark' : 'nose' };
  const atMm = markOf(draft.nextMark, inches);
  if (atMm === undefined) return draft;
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

export function readDraft({ marks, nose, tail }: BoardDraft, widthPx: number): BoardReading | undefined {
  return nose && tail && marks.length >= 3 ? boardLength({ marks, nose, tail, tapPx: TAP_SHARE * widthPx }) : undefined;
}

/** The same taps on a board of the other unit: what stood at each mark stays, what it means changes. */
export function inUnit(draft: BoardDraft, inches: boolean): BoardDraft {
  if (draft.inches === inches) return draft;
  const by = inches ? 2.54 : 1 / 2.54;
  return { ...draft, inches, marks: draft.marks.map(({ atMm, pixel }) => ({ atMm: atMm * by, pixel })) };
}
