import type { CaptureState } from '../domain/capture/captureState.js';

/**
 * Net to board to water: so much a practised hand needs, and so much it is at most (common practice, no source).
 */
export const BOARD_PRACTISED_MS = 45_000;
export const BOARD_MOST_MS = 60_000;

/** How long a fish was away from the water for the board, and how that stands. */
export interface BoardTime {
  readonly ms: number;
  /** `afloat`: read without a lift. */
  readonly stands: 'afloat' | 'practised' | 'within' | 'over';
}

/**
 * From the lift before the board to the water after it; undefined where nothing was measured, or the fish is still out.
 * On a floating board it is never away. Example: lifted at 350 s, measured, held at 390 s: 40 s, as practised.
 */
export function boardTime({ spells, marks }: Pick<CaptureState, 'spells' | 'marks'>): BoardTime | undefined {
  const measured = marks.findLast(({ type }) => type === 'measured');
  if (!measured) return undefined;
  const spell = spells.find(({ fromMs, toMs }) => fromMs <= measured.atMs && (toMs === null || measured.atMs <= toMs));
  if (spell?.medium !== 'air') return { ms: 0, stands: 'afloat' };
  if (spell.toMs === null) return undefined;
  const ms = spell.toMs - spell.fromMs;
  return { ms, stands: ms <= BOARD_PRACTISED_MS ? 'practised' : ms <= BOARD_MOST_MS ? 'within' : 'over' };
}
