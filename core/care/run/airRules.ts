import { isOpenWound, treatmentWanted } from '../../domain/fish/wound.js';
import { COMMON_PRACTICE } from '../counsel.js';
import { MAT_BURNS_C } from '../heatForecast.js';
import { spoken, type RunRule } from './runRule.js';

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
                ? 'Back into the water now.'
                : 'It has been out long enough: back into the water, and no more lifts.',
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
            text:
              hookEnd === null
                ? 'Hook out at once, and back in: no scale, no picture.'
                : 'Back in now: no scale, no picture.',
            reason:
              waterC !== null && waterC >= stopLine.tempC
                ? 'The water is too warm for this fish. It should have stayed in.'
                : airC !== null && airC <= 0
                  ? 'In frost gills and eyes freeze within seconds.'
                  : 'It has nothing left for time out of the water.',
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
            text: 'It has been out long enough: no more lifts. Hold it upright and let it go.',
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
            text: 'It dropped: back into the water, no picture. Hold it as long as it takes.',
            reason: 'A blow to the head kills hours or days later and cannot be seen at release.',
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
            text: `The mat is at about ${Math.round(matC)} °C: soak it, or turn it, before the fish lies on it.`,
            reason: 'A dark mat in the sun burns skin and slime.',
            basis: { kind: 'computed', method: 'heat of the mat' },
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
            text: `Dry since ${spoken(dryMs)}: pour, head to tail, a hand over the gill cover.`,
            reason: 'Keep it wet all the time. Never pour up the body into the gills.',
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
        text: cleaned
          ? 'Now the seal, then wet it so that it sets. Clear of gills and eyes.'
          : 'Clean it first, then seal, then wet. Clear of gills and eyes.',
        reason: `Sealant alone traps the dirt in a wound.${rules.treatments === null ? ' Ask what this water and the label allow.' : ''}`,
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
            text: 'No treatment on this water: note the wound and leave it.',
            reason: 'The water has its reasons, and its rule comes first.',
            basis: { kind: 'local-rule', water: waterName ?? 'this water' },
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
            text: 'It was sealed before it was cleaned: wipe the seal off, clean, seal again.',
            reason: 'What is trapped under a seal carries on.',
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
            text: 'Three quarters of its time are gone: finish what you are doing.',
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
            text: 'Wet sling on the scale, zero it, camera ready: all before the lift.',
            reason: 'What you set up now you need not set up while it is out of the water.',
            basis: COMMON_PRACTICE,
          }
        : null,
  },
  {
    id: 'picture-low',
    look: ({ phase, pictured, use, dropped, signs, hookEnd, fromTheNet, context: { schools, bank } }) =>
      phase === 'air' &&
      schools.picture &&
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
              bank === 'boat'
                ? 'Low over the water’s side or the padded floor; if it kicks, let it go overboard.'
                : 'Kneel, elbows in, hands under; low over the mat. Both flanks once each.',
            reason: 'What lies below must be soft enough for a fall.',
            basis: COMMON_PRACTICE,
          }
        : null,
  },
];

function budgetReason(spellMs: number, reasons: readonly string[]): string {
  const time = `${Math.round(spellMs / 1000)} seconds at a time`;
  return reasons.length === 0
    ? `${time}, by your choice.`
    : `${time}: ${reasons.map((text) => text.charAt(0).toLowerCase() + text.slice(1).replace(/\.$/, '')).join(', ')}.`;
}
