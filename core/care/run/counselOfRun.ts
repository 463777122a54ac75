import { findings, type Finding } from '../counsel.js';
import { AIR_RULES } from './airRules.js';
import type { Moment } from './runState.js';
import type { MomentRule } from './runRule.js';
import { NETTED_RULES } from './nettedRules.js';
import { PLAYING_RULES } from './playingRules.js';
import { RESTING_RULES } from './restingRules.js';

/** Every rule of the bank, in the order in which they weigh where two are equally grave. */
export const MOMENT_RULES: readonly MomentRule[] = [...PLAYING_RULES, ...NETTED_RULES, ...AIR_RULES, ...RESTING_RULES];

/** More than this nobody reads with a fish in hand. */
const MOST_LINES = 2;

/**
 * What matters now: the gravest one or two things, none of them said to be right while another says stop.
 * Example: a swallowed hook says to cut the line, and nothing of the picture.
 */
export function counselOfMoment(moment: Moment): Finding[] {
  const said = findings(MOMENT_RULES, moment);
  const grave = said.some(({ severity }) => severity === 'stop');
  return said.filter(({ severity }) => !grave || severity !== 'good').slice(0, MOST_LINES);
}

/** Every step that something said of this moment advises against. Example: while it thrashes, the lift. */
export function advisedAgainst(moment: Moment): ReadonlySet<string> {
  return new Set(findings(MOMENT_RULES, moment).flatMap(({ avoids }) => avoids ?? []));
}
