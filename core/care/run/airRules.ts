import type { Message } from '../../measure/message.js';
import { runMessage, type TreatedWhere } from './runMessages.js';
import { isOpenWound, treatmentWanted } from '../../domain/fish/wound.js';
import type { WoundOfCapture } from '../../domain/capture/captureState.js';
import { COMMON_PRACTICE } from '../counsel.js';
import { picturesInWater } from './orderOfWork.js';
import { MAT_BURNS_C } from '../heatForecast.js';
import { type RunRule } from './runRule.js';

/** Skin and slime dry out of the water; in warmth or wind sooner (common practice, no source). */
const POUR_AFTER_MS = 60_000;
const POUR_AFTER_WARM_MS = 40_000;
const WARM_AIR_C = 22;

/** Out of the water. */
export const AIR_RULES: readonly RunRule[] = [
  {
    id: 'air-over',
    look: ({ phase, use, clocks, budget, hookEnd }) =>
      phase === 'air' && use.stage === 'over'
        ? {
            severity: 'stop',
            text:
              clocks.airNowMs >= budget.spellMs
                ? runMessage('airOverBackIntoTheWater')
                : runMessage('airOverItHasBeenOut'),
            reason: budgetReason(
              budget.spellMs,
              budget.reasons.map(({ text }) => text),
            ),
            basis: budget.reasons[0]?.basis ?? COMMON_PRACTICE,
            does: hookEnd === null ? [] : ['held'],
            avoids: ['weighed', 'measured', 'pictured', 'looked-over', 'carried'],
          }
        : null,
  },
  {
    id: 'lifted-against',
    look: ({ phase, fromTheNet, hookEnd, use, context: { waterC, stopLine, airC } }) =>
      phase === 'air' && fromTheNet && use.stage !== 'over'
        ? {
            severity: 'stop',
            text: hookEnd === null ? runMessage('liftedAgainstHookOutAtOnce') : runMessage('liftedAgainstBackInNowNo'),
            reason:
              waterC !== null && waterC >= stopLine.tempC
                ? runMessage('liftedAgainstTheWaterIsToo')
                : airC !== null && airC <= 0
                  ? runMessage('liftedAgainstInFrostGillsAnd')
                  : runMessage('liftedAgainstItHasNothingLeft'),
            basis: waterC !== null && waterC >= stopLine.tempC ? stopLine.basis : COMMON_PRACTICE,
            does: hookEnd === null ? [] : ['held'],
            avoids: ['weighed', 'measured', 'pictured', 'looked-over', 'carried'],
          }
        : null,
  },
  {
    id: 'no-further-lift',
    look: ({ phase, use, clocks, budget, fromTheNet, signs }) =>
      phase === 'resting' &&
      clocks.airMs >= budget.totalMs &&
      use.stage === 'over' &&
      !fromTheNet &&
      !signs.has('bleeding')
        ? {
            severity: 'stop',
            text: runMessage('noFurtherLift'),
            reason: budgetReason(
              budget.spellMs,
              budget.reasons.map(({ text }) => text),
            ),
            basis: COMMON_PRACTICE,
            does: ['held'],
            avoids: ['lifted', 'weighed', 'measured', 'pictured'],
          }
        : null,
  },
  {
    id: 'dropped',
    look: ({ phase, dropped }) =>
      (phase === 'air' || phase === 'resting') && dropped
        ? {
            severity: 'stop',
            text: runMessage('dropped'),
            reason: runMessage('droppedReason'),
            basis: COMMON_PRACTICE,
            does: ['held'],
            avoids: ['lifted', 'weighed', 'measured', 'pictured'],
          }
        : null,
  },
  {
    id: 'mat-hot',
    look: ({ phase, matSoaked, context: { matC, waterC, bank } }) =>
      (phase === 'netted' || phase === 'resting') &&
      matC !== null &&
      matC >= (waterC === null ? MAT_BURNS_C : Math.min(MAT_BURNS_C, waterC + 10)) &&
      bank !== 'boat' &&
      !matSoaked
        ? {
            severity: 'care',
            text: runMessage('matHot', { matC }),
            reason: runMessage('matHotReason'),
            basis: { kind: 'computed', method: runMessage('matHotMethod') },
          }
        : null,
  },
  {
    id: 'pour',
    look: ({ phase, dryMs, use, context: { airC } }) =>
      phase === 'air' &&
      use.stage !== 'over' &&
      dryMs >= (airC !== null && airC >= WARM_AIR_C ? POUR_AFTER_WARM_MS : POUR_AFTER_MS)
        ? {
            severity: 'care',
            text: runMessage('pour', { dryMs }),
            reason: runMessage('pourReason'),
            basis: COMMON_PRACTICE,
            does: ['pour'],
          }
        : null,
  },
  {
    id: 'wound-treat',
    look: ({ phase, wounds, context: { rules }, signs, use }) => {
      const wanted = treatmentWanted(wounds);
      if (
        phase !== 'air' ||
        use.stage === 'over' ||
        wanted === null ||
        rules.treatments === 'forbidden' ||
        signs.has('bleeding')
      )
        return null;
      const cleaned = wanted === 'sealant';
      return {
        severity: 'care',
        text: runMessage('woundTreat', { sealNow: cleaned, where: treatedWhere(wounds) }),
        reason: runMessage('woundTreatReason', { treatments: rules.treatments }),
        basis: COMMON_PRACTICE,
        does: cleaned ? ['seal'] : ['clean', 'seal'],
      };
    },
  },
  {
    id: 'wound-leave',
    look: ({ phase, wounds, context: { rules, waterName }, signs }) =>
      phase === 'air' && wounds.some(isOpenWound) && rules.treatments === 'forbidden' && !signs.has('bleeding')
        ? {
            severity: 'care',
            text: runMessage('woundLeave'),
            reason: runMessage('woundLeaveReason'),
            basis: { kind: 'local-rule', water: waterName },
            does: ['leave-wound'],
            avoids: ['clean', 'seal'],
          }
        : null,
  },
  {
    id: 'sealed-dirty',
    look: ({ phase, wounds, context: { rules } }) =>
      phase === 'air' &&
      rules.treatments !== 'forbidden' &&
      wounds.some(({ treatedWith }) => treatedWith[0] === 'sealant')
        ? {
            severity: 'care',
            text: runMessage('sealedDirty'),
            reason: runMessage('sealedDirtyReason'),
            basis: COMMON_PRACTICE,
          }
        : null,
  },
  {
    id: 'air-three-quarters',
    look: ({ phase, use, budget, signs }) =>
      phase === 'air' && use.stage === 'three-quarters' && !signs.has('thrashing')
        ? {
            severity: 'care',
            text: runMessage('airThreeQuarters'),
            reason: budgetReason(
              budget.spellMs,
              budget.reasons.map(({ text }) => text),
            ),
            basis: budget.reasons[0]?.basis ?? COMMON_PRACTICE,
          }
        : null,
  },
  {
    id: 'zero-first',
    look: ({ phase, zeroed, fromTheNet, context: { schools }, signs, hookEnd }) =>
      phase === 'netted' &&
      hookEnd !== null &&
      schools.weigh &&
      !zeroed &&
      !fromTheNet &&
      !signs.has('small') &&
      !signs.has('bleeding') &&
      !signs.has('thrashing')
        ? {
            severity: 'good',
            text: runMessage('zeroFirst'),
            reason: runMessage('zeroFirstReason'),
            basis: COMMON_PRACTICE,
          }
        : null,
  },
  {
    id: 'picture-low',
    look: ({ phase, pictured, use, dropped, signs, hookEnd, fromTheNet, context: { schools, bank } }) =>
      phase === 'air' &&
      schools.picture &&
      !picturesInWater({ schools, bank }) &&
      hookEnd !== null &&
      !fromTheNet &&
      !signs.has('small') &&
      !pictured &&
      (use.stage === 'fine' || use.stage === 'half') &&
      !dropped &&
      !signs.has('thrashing') &&
      !signs.has('bleeding')
        ? {
            severity: 'good',
            text:
              bank === 'boat' ? runMessage('pictureLowLowOverTheWaters') : runMessage('pictureLowKneelElbowsInHands'),
            reason: runMessage('pictureLowReason'),
            basis: COMMON_PRACTICE,
          }
        : null,
  },
];

/** Where the open wounds are that are not sealed yet. */
function treatedWhere(wounds: readonly WoundOfCapture[]): TreatedWhere {
  const sides = wounds.filter((wound) => isOpenWound(wound) && !wound.treatedWith.includes('sealant'));
  const inMouth = sides.filter(({ side }) => side === 'mouth').length;
  return inMouth === 0 ? 'body' : inMouth === sides.length ? 'mouth' : 'both';
}

function budgetReason(spellMs: number, reasons: readonly Message[]): Message {
  return reasons.length === 0
    ? runMessage('budgetByYourChoice', { spellMs })
    : runMessage('budgetBecause', { spellMs, reasons });
}
