import { COMMON_PRACTICE } from '../counsel.js';
import type { RunRule } from './runRule.js';

/** From the take to the net. */
export const PLAYING_RULES: readonly RunRule[] = [
  {
    id: 'hot-water-fight',
    look: ({ phase, context: { waterC, stopLine, hotCapture } }) =>
      phase === 'playing' && waterC !== null && waterC >= stopLine.tempC && hotCapture === 'land'
        ? {
            severity: 'stop',
            text: 'Too warm for this fish: land it as fast as the tackle allows. Unhook it in the net; no lift, no picture.',
            reason: 'Every further minute is a minute of acid that warm water clears slowly.',
            basis: stopLine.basis,
            does: ['pull-hard'],
            avoids: ['lifted', 'weighed', 'measured', 'pictured'],
          }
        : null,
  },
  {
    id: 'hot-water-break-off',
    look: ({ phase, context: { waterC, stopLine, hotCapture } }) =>
      phase === 'playing' && waterC !== null && waterC >= stopLine.tempC && hotCapture === 'break-off'
        ? {
            severity: 'stop',
            text: 'Too warm for this fish: break it off, or straighten the hook, now.',
            reason:
              'Your choice: the fight ends at once. Against it: a hook, perhaps a deep one, stays in the fish. If it will not give, land it as fast as the tackle allows.',
            basis: { kind: 'school', name: 'break it off, or straighten the hook' },
            steps: [
              'Point the rod at the fish, clamp the spool, walk back until hook or link gives. Face turned away.',
              'Only with a link weaker than the main line, and a lead that comes free.',
              'Then “Fish lost”, and stop fishing here.',
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
            text: 'Thunder: rod low, tip down. If it is close, lay the rod down and get away from it.',
            reason:
              'A carbon rod is the best conductor on the bank, and no fish is worth being hit. Not under a lone tree; half an hour after the last thunder.',
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
            text: 'A predator is about: bring it in hard, net it, and move before the next cast.',
            reason: 'A hooked fish cannot flee, and a tired one cannot for a while.',
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
            text: 'Rod low: there is a power line here.',
            reason: 'Carbon conducts; you need not even touch the line.',
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
            text: 'A long fight: net in the water, and keep the rest short.',
            reason: 'The longer the fight, the less time out of the water it can take.',
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
            text: 'A long fight in warm water: no picture this time. Release it from the net.',
            reason: 'Heat and exertion add up, and the damage shows only hours later.',
            basis: { kind: 'published', source: 'Gale et al. 2013' },
            does: ['pull-hard'],
            avoids: ['lifted', 'weighed', 'measured', 'pictured'],
          }
        : null,
  },
  {
    id: 'fight-short',
    look: ({ phase, clocks, signs, context: { schools, waterC, stopLine } }) =>
      phase === 'playing' &&
      schools.fight === 'short' &&
      clocks.fightMs < 10 * 60_000 &&
      !signs.has('predator-near') &&
      !(waterC !== null && waterC >= stopLine.tempC)
        ? {
            severity: 'good',
            text: 'Steady and hard, low from the side, as short as the tackle allows. The net is in already.',
            reason: 'The less it tires, the sooner it recovers. It comes in green, so rest it in the net.',
            basis: { kind: 'school', name: 'as short as can be' },
            does: ['pull-hard'],
          }
        : null,
  },
  {
    id: 'fight-played-out',
    look: ({ phase, clocks, signs, fromTheNet, context: { schools, waterC, stopLine } }) =>
      phase === 'playing' &&
      schools.fight === 'played-out' &&
      clocks.fightMs < 10 * 60_000 &&
      !fromTheNet &&
      !signs.has('predator-near') &&
      !(waterC !== null && waterC >= stopLine.tempC)
        ? {
            severity: 'good',
            text: 'Let it tire before the net: it is ready when it slides over on its side.',
            reason: 'Brought in green it thrashes on the mat. After ten minutes this no longer applies.',
            basis: { kind: 'school', name: 'played out' },
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
                ? `Stand still and bring it round to you; do not wade deeper${dark ? ' in the dark' : ''}.`
                : 'Go in to the fish. Do not drag it over gravel.',
            reason:
              bank === 'wading'
                ? 'Cold water drowns, and a hooked fish pulls you on.'
                : 'A blow to the head kills days later and cannot be seen.',
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
            text: 'Sit down to net it. Lifejacket closed, tools tied on.',
            reason: 'People and pliers go over the side.',
            basis: COMMON_PRACTICE,
          }
        : null,
  },
];
