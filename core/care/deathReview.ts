import { COMMON_PRACTICE, type Basis } from './counsel.js';
import type { RunState } from './run/runState.js';
import { spanText } from '../measure/duration.js';
import type { CaptureState } from '../domain/capture/captureState.js';

/** One thing in the log that is known to cost a fish. */
export interface DeathFact {
  readonly id: 'warm' | 'oxygen' | 'fight' | 'air' | 'dropped' | 'bleeding' | 'hook' | 'kept' | 'frost';
  readonly text: string;
  readonly basis: Basis;
}

const FERGUSON_TUFTS: Basis = {
  kind: 'published',
  source: 'Ferguson and Tufts 1992, Can. J. Fish. Aquat. Sci. 49, 1157-1162',
};
const LONG_FIGHT_MS = 10 * 60_000;
const LITTLE_OXYGEN = 0.6;

/**
 * What the book knows of why a fish died: what was against it, in the order of the work. An empty list says that
 * nothing in the log explains it, which happens: internal blows, old wounds and age cannot be seen. `end` is the run as
 * it was at the end. Example: 45 s in the air with 30 s allowed, in water over its line, are two facts.
 */
export function deathFacts(state: Pick<CaptureState, 'hookEnd' | 'signs'>, end: RunState): DeathFact[] {
  const { context, clocks, budget, retention, dropped } = end;
  const { waterC, stopLine, airC, oxygenShare } = context;
  const facts: DeathFact[] = [];
  const note = (id: DeathFact['id'], text: string, basis: Basis = COMMON_PRACTICE) =>
    void facts.push({ id, text, basis });
  if (waterC !== null && waterC >= stopLine.tempC)
    note(
      'warm',
      `The water was at ${waterC.toFixed(1)} °C, over the limit of ${stopLine.tempC.toFixed(1)} °C.`,
      stopLine.basis,
    );
  if (oxygenShare !== null && oxygenShare < LITTLE_OXYGEN)
    note('oxygen', `The water held ${Math.round(oxygenShare * 100)} % of the oxygen it can hold.`);
  if (clocks.fightMs >= LONG_FIGHT_MS) note('fight', `It was played for ${spanText(clocks.fightMs)}.`, FERGUSON_TUFTS);
  if (state.hookEnd === 'left-in' || state.signs.includes('hook-swallowed')) note('hook', 'The hook was swallowed.');
  else if (state.signs.includes('hook-deep') || state.signs.includes('hook-near-gills'))
    note('hook', 'The hook was deep or near the gills.');
  if (state.signs.includes('bleeding')) note('bleeding', 'It bled.');
  if (clocks.longestAirMs > budget.spellMs)
    note(
      'air',
      `It was out of the water for ${spanText(clocks.longestAirMs)} at one time; the limit was ${spanText(budget.spellMs)}.`,
      budget.reasons[0]?.basis ?? FERGUSON_TUFTS,
    );
  if (clocks.airMs > 0 && airC !== null && airC <= 0) note('frost', 'It was lifted in frost.');
  if (dropped) note('dropped', 'It was dropped.');
  if (retention.limitMs > 0 && retention.ms > retention.limitMs)
    note('kept', `It was in net and sling for ${spanText(retention.ms)}.`, retention.basis);
  return facts;
}
