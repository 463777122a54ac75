import { anatomyOf, heightAt, type PaintedKind } from '../../domain/fish/anatomy.js';

/**
 * The grid on which the flank of one kind of fish is laid: equal cells, from behind the gill cover to before the tail.
 */
export interface FlankFrame {
  readonly columns: number;
  readonly rows: number;
  /** Side of a cell, in lengths of the fish. */
  readonly cell: number;
  /** Where the grid begins, in the flank frame. */
  readonly fromU: number;
  readonly fromV: number;
  /** 1 where the body is, 0 beside it. */
  readonly body: Uint8Array;
}

/** A print of one byte a cell stays under 8 kB. */
const MOST_CELLS = 7600;
/** The head is left out: gill cover and eye are where they are on every fish. */
const FROM_U = 0.26;
const TO_U = 0.96;
/** How much of the height is taken: beyond it a small turn shows another part of the fish, or what lies behind. */
const RIM = 0.92;

/** Whether a point of the flank frame lies on the part of the body that is compared. */
export function onBody(kind: PaintedKind, u: number, v: number): boolean {
  const { back, belly } = anatomyOf(kind, 1);
  return Math.abs(v) < RIM * heightAt(v < 0 ? back : belly, u);
}

const frames = new Map<PaintedKind, FlankFrame>();

/** The frame of a kind of fish; slender ones get smaller cells. Example: a mirror carp has 0.0057 lengths a cell. */
export function flankFrame(kind: PaintedKind): FlankFrame {
  const frame = frames.get(kind) ?? framed(kind);
  frames.set(kind, frame);
  return frame;
}

function framed(kind: PaintedKind): FlankFrame {
  const { back, belly } = anatomyOf(kind, 1);
  let [top, bottom] = [0, 0];
  for (let u = FROM_U; u <= TO_U; u += 0.01) {
    top = Math.max(top, RIM * heightAt(back, u));
    bottom = Math.max(bottom, RIM * heightAt(belly, u));
  }
  const cell = Math.sqrt(((TO_U - FROM_U) * (top + bottom)) / MOST_CELLS);
  const [columns, rows] = [Math.floor((TO_U - FROM_U) / cell), Math.floor((top + bottom) / cell)];
  const body = new Uint8Array(columns * rows);
  for (let row = 0, i = 0; row < rows; row += 1) {
    const v = (row + 0.5) * cell - top;
    for (let column = 0; column < columns; column += 1, i += 1) {
      const u = FROM_U + (column + 0.5) * cell;
      body[i] = onBody(kind, u, v) ? 1 : 0;
    }
  }
  return { columns, rows, cell, fromU: FROM_U, fromV: -top, body };
}
