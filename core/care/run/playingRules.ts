import { runMessage } from './runMessages.js';
import { COMMON_PRACTICE } from '../counsel.js';
import { nameOfWay } from '../../domain/practice/bankPractices.js';
import { practiceBasis } from './practiceBasis.js';
import type { RunContext } from './runContext.js';
import type { RunRule } from './runRule.js';

/** From the take to the net. */
export const PLAYING_RULES: readonly RunRule[] = [
  {
    id: 'hot-water-fight',
    look: ({ phase, context: { waterC, stopLine, hotCapture } }) =>
      phase === 'playing' && waterC !== null && waterC >= stopLine.tempC && hotCapture === 'land'
        ? {
            severity: 'stop',
            text: runMessage('hotWaterFight'),
            reason: runMessage('hotWaterFightReason'),
            basis: stopLine.basis,
            does: ['pull-hard'],
            avoids: ['lifted', 'weighed', 'measured', 'pictured'],
          }
        : null,
  },
  {
    id: 'hot-water-break-off',
    look: ({ phase, context }) =>
      phase === 'playing' && isTooWarm(context) && context.hotCapture === 'break-off'
        ? {
            severity: 'stop',
            text: runMessage('hotWaterBreakOff'),
            reason: runMessage('hotWaterBreakOffReason'),
            basis: practiceBasis(context, 'hotCaptureSchool', runMessage('hotWaterBreakOffName')),
            steps: [
              runMessage('hotWaterBreakOffPointTheRodAt'),
              runMessage('hotWaterBreakOffGives', { way: context.schools.gives }),
              runMessage('hotWaterBreakOffThenFishLostAnd'),
            ],
            avoids: ['lifted', 'weighed', 'measured', 'pictured'],
          }
        : null,
  },
  {
    id: 'lightning-fight',
    look: ({ phase, context: { thunder } }) =>
      phase === 'playing' && thunder
        ? {
            severity: 'stop',
            text: runMessage('lightningFight'),
            reason: runMessage('lightningFightReason'),
            basis: COMMON_PRACTICE,
          }
        : null,
  },
  {
    id: 'predator-fight',
    look: ({ phase, signs }) =>
      phase === 'playing' && signs.has('predator-near')
        ? {
            severity: 'care',
            text: runMessage('predatorFight'),
            reason: runMessage('predatorFightReason'),
            basis: COMMON_PRACTICE,
            does: ['pull-hard', 'move-on'],
          }
        : null,
  },
  {
    id: 'power-line',
    look: ({ phase, context }) =>
      phase === 'playing' && context.hazards.includes('power-line')
        ? {
            severity: 'stop',
            text: runMessage('powerLine'),
            reason: runMessage('powerLineReason'),
            basis: COMMON_PRACTICE,
          }
        : null,
  },
  {
    id: 'long-fight',
    look: ({ phase, clocks, fromTheNet }) =>
      phase === 'playing' && clocks.fightMs >= 10 * 60_000 && !fromTheNet
        ? {
            severity: 'care',
            text: runMessage('longFight'),
            reason: runMessage('longFightReason'),
            basis: { kind: 'published', source: 'Ferguson and Tufts 1992' },
            does: ['pull-hard'],
          }
        : null,
  },
  {
    id: 'long-fight-warm',
    look: ({ phase, clocks, fromTheNet, context: { waterC, stopLine } }) =>
      phase === 'playing' && fromTheNet && clocks.fightMs >= 10 * 60_000 && waterC !== null && waterC < stopLine.tempC
        ? {
            severity: 'care',
            text: runMessage('longFightWarm'),
            reason: runMessage('longFightWarmReason'),
            basis: { kind: 'published', source: 'Gale et al. 2013' },
            does: ['pull-hard'],
            avoids: ['lifted', 'weighed', 'measured', 'pictured'],
          }
        : null,
  },
  {
    id: 'fight-short',
    look: ({ phase, clocks, signs, context }) =>
      phase === 'playing' &&
      context.schools.fight === 'short' &&
      clocks.fightMs < 10 * 60_000 &&
      !signs.has('predator-near') &&
      !isTooWarm(context)
        ? {
            severity: 'good',
            text: runMessage('fightShort'),
            reason: runMessage('fightShortReason'),
            basis: practiceBasis(context, 'fight', nameOfWay('fight', 'short')),
            does: ['pull-hard'],
          }
        : null,
  },
  {
    id: 'fight-played-out',
    look: ({ phase, clocks, signs, fromTheNet, context }) =>
      phase === 'playing' &&
      context.schools.fight === 'played-out' &&
      clocks.fightMs < 10 * 60_000 &&
      !fromTheNet &&
      !signs.has('predator-near') &&
      !isTooWarm(context)
        ? {
            severity: 'good',
            text: runMessage('fightPlayedOut'),
            reason: runMessage('fightPlayedOutReason'),
            basis: practiceBasis(context, 'fight', nameOfWay('fight', 'played-out')),
          }
        : null,
  },
  {
    id: 'go-to-the-fish',
    look: ({ phase, context: { bank, dark } }) =>
      phase === 'playing' && (bank === 'gravel' || bank === 'wading')
        ? {
            severity: 'good',
            text:
              bank === 'wading'
                ? runMessage('goToTheFishStandStillAndBring', { dark })
                : runMessage('goToTheFishGoInToThe'),
            reason:
              bank === 'wading' ? runMessage('goToTheFishColdWaterDrownsAnd') : runMessage('goToTheFishABlowToThe'),
            basis: COMMON_PRACTICE,
          }
        : null,
  },
  {
    id: 'boat-side',
    look: ({ phase, context: { bank } }) =>
      phase === 'playing' && bank === 'boat'
        ? {
            severity: 'good',
            text: runMessage('boatSide'),
            reason: runMessage('boatSideReason'),
            basis: COMMON_PRACTICE,
          }
        : null,
  },
];

function isTooWarm({ waterC, stopLine }: RunContext): boolean {
  return waterC !== null && waterC >= stopLine.tempC;
}
