/** What the keeper says of a stretch in which nothing was tapped. */
export const GAPS_TOLD = ['back-soon', 'back-at', 'still-here', 'not-known'] as const;

/** Of a run that was left alone for long: what became of the fish since its last tap. */
export interface GapTold {
  readonly says: (typeof GAPS_TOLD)[number];
  /** The last tap before it, in ms since the take. */
  readonly fromMs: number;
  /** When it went back, where that is known. */
  readonly backMs?: number;
}
