import { useEffect, useState } from 'react';
import type { FlankInBook } from '@keeper/contract/flanks';
import { whoWorker } from '../../data/flanks.js';
import { pictureBytes } from '../../data/pictureBytes.js';
import type { AskedFlank, PossibleMatch } from '../../workers/whoIsThis.js';

/** Two flanks, and how the second lies on the first. */
export interface FlankPair {
  readonly asked: AskedFlank;
  readonly mayBe: PossibleMatch;
}

/** Two flanks of the book laid on each other; undefined while that is made, or while one of them has no print. */
export function useFlankPair(
  { sha256, otherSha }: { readonly sha256: string; readonly otherSha: string },
  flanks: readonly FlankInBook[],
): FlankPair | 'gone' | undefined {
  const [pair, setPair] = useState<FlankPair | 'gone'>();
  const flank = flanks.find((each) => each.sha256 === sha256);
  const other = flanks.find((each) => each.sha256 === otherSha);
  useEffect(() => {
    if (!flank || !other) return undefined;
    let past = false;
    const fetchPair = async () => {
      const mayBe = await whoWorker().compare(flank, other);
      const bytes = await pictureBytes(sha256, 'view');
      const { landmarks, side, kind, captureId, facts, of } = flank;
      if (!past)
        setPair({ asked: { bytes, landmarks, widthPx: of.widthPx, side, kind, captureId, facts, marks: [] }, mayBe });
    };
    fetchPair().catch(() => past || setPair('gone'));
    return () => {
      past = true;
    };
  }, [sha256, flank, other]);
  return pair;
}
