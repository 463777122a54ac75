import { findings, type Finding } from '../counsel.js';
import { AFLOAT_RULES } from './afloatRules.js';
import { AIR_RULES } from './airRules.js';
import type { RunState } from './runState.js';
import type { RunRule } from './runRule.js';
import { CRAFT_RULES } from './craftRules.js';
import { GRIP_RULES } from './gripRules.js';
import { TWO_FISH_RULES } from './twoFishRules.js';
import { NETTED_RULES } from './nettedRules.js';
import { PLAYING_RULES } from './playingRules.js';
import { RESTING_RULES } from './restingRules.js';

/** Every rule of the bank, in the order in which they weigh where two are equally grave. */
export const RUN_RULES: readonly RunRule[] = [
  ...GRIP_RULES,
  ...TWO_FISH_RULES,
  ...PLAYING_RULES,
  ...AFLOAT_RULES,
  ...NETTED_RULES,
  ...AIR_RULES,
  ...RESTING_RULES,
  ...CRAFT_RULES,
];

/** More than this nobody reads with a fish in hand. */
const MOST_LINES = 2;

/**
 * What matters now: the gravest one or two things, none of them said to be right while another says stop; or the one
 * that stands alone.
 * Example: a swallowed hook says to cut the line, and nothing of the picture.
 */
export function counselOfRun(run: RunState): Finding[] {
  const said = findings(RUN_RULES, run);
  const alone = said.filter((each) => each.alone);
  if (alone.length > 0) return alone;
  const grave = said.some(({ severity }) => severity === 'stop');
  return said.filter(({ severity }) => !grave || severity !== 'good').slice(0, MOST_LINES);
}

/** Every step that something said of this run advises against. Example: while it thrashes, the lift. */
export function advisedAgainst(run: RunState): ReadonlySet<string> {
  return new Set(findings(RUN_RULES, run).flatMap(({ avoids }) => avoids ?? []));
}
