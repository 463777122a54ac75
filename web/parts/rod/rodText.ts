import type { RodFacts } from '@keeper/core/domain/capture/rodFacts';
import { partsText } from '../text.en-GB.js';
import { rodDraftOf, type FarUnits } from './rodDraft.js';

/**
 * How a rod fishes, in a line; empty for nothing told.
 * Example: `Hair rig, tiger nut, bottom, left margin, 40 yd out`.
 */
export function rodText(facts: RodFacts, units: FarUnits): string {
  const { distance, depth } = rodDraftOf(facts, units);
  const far = units === 'in' ? partsText.yardsOut : partsText.metresOut;
  const deep = units === 'in' ? partsText.feetDeep : partsText.metresDeep;
  return [
    facts.rig,
    facts.bait,
    facts.method,
    facts.place,
    distance && far({ distance }),
    depth && deep({ depth }),
    facts.givenS !== undefined &&
      (facts.givenS === 0 ? partsText.struckAtOnce : partsText.struckAfter({ givenS: facts.givenS })),
  ]
    .filter(Boolean)
    .join(', ');
}
