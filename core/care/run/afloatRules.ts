import { nameOfWay } from '../../domain/practice/bankPractices.js';
import { isQuiet } from './craftRules.js';
import { picturesInWater } from './orderOfWork.js';
import { practiceBasis } from './practiceBasis.js';
import { runMessage } from './runMessages.js';
import type { RunRule } from './runRule.js';

/** What is done beside the fish while it lies in the water: ahead of all that belongs to a lift. */
export const AFLOAT_RULES: readonly RunRule[] = [
  {
    id: 'board-first',
    look: (run) =>
      run.phase === 'netted' &&
      run.hookEnd !== null &&
      run.context.schools.measure &&
      !run.done.has('measured') &&
      isQuiet(run) &&
      !run.signs.has('small')
        ? {
            severity: 'good',
            text: runMessage('boardFirst', {
              way: run.context.schools.boardAt,
              identifier: run.context.meeting?.identifier ?? null,
            }),
            reason: runMessage('boardFirstReason'),
            basis:
              run.context.meeting?.by === 'length'
                ? { kind: 'meeting', name: run.context.meeting.name }
                : practiceBasis(run.context, 'boardAt', nameOfWay('boardAt', run.context.schools.boardAt)),
          }
        : null,
  },
  {
    id: 'picture-in-water',
    look: ({ phase, pictured, dropped, signs, hookEnd, fromTheNet, context }) =>
      (phase === 'netted' || phase === 'resting') &&
      picturesInWater(context) &&
      hookEnd !== null &&
      !fromTheNet &&
      !signs.has('small') &&
      !pictured &&
      !dropped &&
      !signs.has('thrashing') &&
      !signs.has('bleeding')
        ? {
            severity: 'good',
            text: runMessage('pictureInWater'),
            reason: runMessage('pictureInWaterReason'),
            basis: practiceBasis(context, 'pictureAt', nameOfWay('pictureAt', 'water')),
          }
        : null,
  },
];
