import type { Message } from '../measure/message.js';
import { careMessage } from './careMessages.js';
import { COMMON_PRACTICE, type Basis } from './counsel.js';
import type { RunState } from './run/runState.js';
import type { CaptureState } from '../domain/capture/captureState.js';

/** One thing in the log that is known to cost a fish. */
export interface DeathFact {
  readonly id: 'warm' | 'oxygen' | 'fight' | 'air' | 'dropped' | 'bleeding' | 'hook' | 'kept' | 'frost';
  readonly text: Message;
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
  const note = (id: DeathFact['id'], text: Message, basis: Basis = COMMON_PRACTICE) =>
    void facts.push({ id, text, basis });
  if (waterC !== null && waterC >= stopLine.tempC)
    note('warm', careMessage('deathWarm', { waterC, tempC: stopLine.tempC }), stopLine.basis);
  if (oxygenShare !== null && oxygenShare < LITTLE_OXYGEN) note('oxygen', careMessage('deathOxygen', { oxygenShare }));
  if (clocks.fightMs >= LONG_FIGHT_MS)
    note('fight', careMessage('deathFight', { fightMs: clocks.fightMs }), FERGUSON_TUFTS);
  if (state.hookEnd === 'left-in' || state.signs.includes('hook-swallowed'))
    note('hook', careMessage('deathSwallowed'));
  else if (state.signs.includes('hook-deep') || state.signs.includes('hook-near-gills'))
    note('hook', careMessage('deathDeep'));
  if (state.signs.includes('bleeding')) note('bleeding', careMessage('deathBled'));
  if (clocks.longestAirMs > budget.spellMs)
    note(
      'air',
      careMessage('deathAir', { longestAirMs: clocks.longestAirMs, spellMs: budget.spellMs }),
      budget.reasons[0]?.basis ?? FERGUSON_TUFTS,
    );
  if (clocks.airMs > 0 && airC !== null && airC <= 0) note('frost', careMessage('deathFrost'));
  if (dropped) note('dropped', careMessage('deathDropped'));
  if (retention.limitMs > 0 && retention.ms > retention.limitMs)
    note('kept', careMessage('deathKept', { ms: retention.ms }), retention.basis);
  return facts;
}
