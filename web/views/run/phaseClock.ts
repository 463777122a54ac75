import type { RunState } from '@keeper/core/care/run/runState';
import { spanText } from '@keeper/core/measure/duration';
import { runText } from './text.en-GB.js';

/** Where the fish is. */
export const PHASE_WORDS: Readonly<Record<RunState['phase'], string>> = {
  playing: runText.beingPlayed,
  netted: runText.inTheNet,
  air: runText.inTheAir,
  resting: runText.inTheWater,
  holding: runText.heldUpright,
  gone: '',
};

/** The clock that matters where the fish is, in ms, and what it counts. */
export function phaseClock({ phase, clocks, budget, retention, heldMs }: RunState): { ms: number; words: string } {
  switch (phase) {
    case 'playing':
      return { ms: clocks.fightMs, words: runText.sinceTheTake };
    case 'air':
      return { ms: clocks.airNowMs, words: runText.outOfTheWaterAt({ spellMs: spanText(budget.spellMs) }) };
    case 'holding':
      return { ms: heldMs, words: runText.heldUprightAsLong };
    case 'netted':
    case 'resting':
      return {
        ms: retention.ms,
        words:
          retention.limitMs > 0
            ? runText.inNetAndSling({ limitMs: spanText(retention.limitMs) })
            : runText.inTheNetNothing,
      };
    case 'gone':
      return { ms: clocks.airMs, words: runText.outOfTheWaterIn };
  }
}
